<?php

declare(strict_types=1);

use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Sundial\Access\Role;
use Tests\Feature\Plant;

use function Tests\Core\tries;

/** What nobody should send, and what is almost right. */
const NASTY = [
    '',
    ' ',
    '0',
    '-1',
    '7',
    '999999999999999999999',
    '1e309',
    'NaN',
    '1,5',
    '2026-03-20',
    '2026-02-30',
    '0000-00-00',
    '10000-01-01',
    '2026-13',
    '2026-03-20T25:61',
    "a\0b",
    "\xff\xfe",
    "\u{202e}\u{200b}",
    '💥',
    "line\nbreak",
    '<b>"\'&',
    "'; --",
    '%00',
    '../..',
    'asset-1',
    'x1',
    'usage',
    'condition',
    'weekdays',
    'true',
    ['x'],
    [[]],
    ['a' => ['b' => 'c']],
    ['7', '7'],
    null,
    true,
    1.5,
    -9223372036854775807,
];

/** @return list<string> every name that code reads from a request */
function namesRead(): array
{
    $names = ['once', 'version', 'site', 'page', 'before', 'after', 'fold', 'scale', '_method'];
    $files = glob(
        base_path('app/*/{Http,Http/Requests,Middleware,Frame,Methods,Table,Pages}/*.php'),
        GLOB_BRACE,
    );
    foreach ($files ?: [] as $file) {
        preg_match_all(
            "/(?:input|query|integer|boolean|filled|has|string|date|old)\\('(\\w+)'|'(\\w+)(?:\\.[\\w.*]+)?' => \\[/",
            (string) file_get_contents($file),
            $found,
        );
        $names = [...$names, ...array_filter([...$found[1], ...$found[2]])];
    }

    return array_values(array_unique($names));
}

/** @return array<string, mixed> some of them, with what nobody should send */
function nasty(array $names): array
{
    $sent = [];
    for ($i = mt_rand(0, 7); $i > 0; $i--) {
        $sent[$names[mt_rand(0, count($names) - 1)]] = match (mt_rand(0, 9)) {
            0 => str_repeat('x', 5000),
            1 => array_fill(0, 300, '7'),
            default => NASTY[mt_rand(0, count(NASTY) - 1)],
        };
    }

    return $sent;
}

it('answers whatever is sent to any route by whomever, and never breaks', function () {
    mt_srand(20261127);
    $plant = Plant::build();
    $bindings = bindingsOf($plant);
    $names = namesRead();
    $routes = array_values(
        array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Registered $route): bool => ! str_starts_with($route->uri(), 'storage'),
        ),
    );
    $who = [...array_column(Role::cases(), 'value'), 'stranger', null];
    $tokens = [];
    foreach (array_filter($who) as $login) {
        $tokens[$login] = $plant->person($login)->createToken('fuzz', ['read', 'write'])->plainTextToken;
    }
    $broken = [];
    for ($i = tries(5000); $i > 0; $i--) {
        $route = $routes[mt_rand(0, count($routes) - 1)];
        $method = array_values(array_diff($route->methods(), ['HEAD']))[0] ?? 'GET';
        $values = mt_rand(0, 9) === 0
            ? array_map(static fn (): string => ['0', 'x', '%FF', '999999999999999999999'][mt_rand(0, 3)], $bindings)
            : $bindings;
        $address = '/'.ltrim(strtr($route->uri(), $values), '/');
        $login = $who[mt_rand(0, count($who) - 1)];
        $sent = nasty($names);
        $server = mt_rand(0, 2) === 0 ? ['HTTP_HX_REQUEST' => 'true'] : [];
        $body = null;
        if (str_starts_with($address, '/api/')) {
            $server += ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];
            $server += $login === null ? [] : ['HTTP_AUTHORIZATION' => "Bearer {$tokens[$login]}"];
            $keys = ["k{$i}", "\xff", str_repeat('k', 999)];
            $server += mt_rand(0, 3) === 0 ? ['HTTP_IDEMPOTENCY_KEY' => $keys[mt_rand(0, 2)]] : [];
            $json = (string) json_encode($sent, JSON_INVALID_UTF8_SUBSTITUTE);
            $body = ['', '"bare"', '[1', '[]', 'null', $json, $json, $json][mt_rand(0, 7)];
        }
        DB::beginTransaction();
        $this->flushSession();
        $this->app['auth']->forgetGuards();
        $this->app['auth']->shouldUse('web');
        $login === null || $body !== null ? $this->fresh() : $this->as($login);
        $answer = $this->call($method, $address, $sent, server: $server, content: $body);
        DB::rollBack();
        if ($answer->getStatusCode() >= 500) {
            $broken["{$method} {$route->uri()}"] ??= "as {$login}: {$answer->exception?->getMessage()} at ".
                basename((string) $answer->exception?->getFile()).":{$answer->exception?->getLine()} sent ".
                substr((string) json_encode($sent, JSON_INVALID_UTF8_SUBSTITUTE), 0, 200)." {$body}";
        }
    }
    expect($broken)->toBe([]);
});
