<?php

declare(strict_types=1);

/*
 * One of several people who work on the same few assets at once: so many random requests, through the application as
 * the browser sends them. Prints, as JSON, how often each answer came, and what broke.
 */

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Register\Actions\TakeManyReadings;
use App\Register\Actions\TakeReading;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Web;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

require 'vendor/autoload.php';
$app = require 'bootstrap/app.php';
$app->make(Console::class)->bootstrap();
[, $seed, $count] = $argv;
mt_srand((int) $seed);
$web = $app->make(Web::class);
$one = static function (string $table, array $where = []): ?int {
    $ids = DB::table($table)->where($where)->orderByDesc('id')->limit(12)->pluck('id')->all();

    return $ids === [] ? null : (int) $ids[mt_rand(0, count($ids) - 1)];
};
$requests = [
    static fn (): array => ['POST', '/release', []],
    static fn (): array => ['POST', "/orders/{$one('work_orders', ['state' => 'approved'])}/start", []],
    static fn (): array => [
        'POST',
        "/orders/{$one('work_orders', ['state' => 'under way'])}/finish",
        ['finished_at' => '2026-03-18T08:00', 'it_is_right' => 1],
    ],
    static fn (): array => [
        'POST',
        "/orders/{$one('work_orders', ['state' => 'approved'])}/cancel",
        ['reason' => 'not now', 'visits' => ['skip', 'give back'][mt_rand(0, 1)]],
    ],
    static fn (): array => [
        'POST',
        "/orders/{$one('work_orders', ['state' => 'done'])}/reopen",
        ['reason' => 'not tight'],
    ],
    static fn (): array => [
        'POST',
        "/orders/{$one('work_orders', ['state' => 'under way'])}/bookings",
        ['user_id' => Auth::id(), 'worked_on' => '2026-03-17', 'time' => '0:05'],
    ],
    static fn (): array => [
        'POST',
        "/meters/{$one('meters')}/readings",
        ['shown' => (string) mt_rand(1400, 1500), 'at' => '2026-03-18T07:'.mt_rand(10, 59), 'turn' => 'confirmed'],
    ],
    static fn (): array => ['POST', "/readings/{$one('readings')}/strike", ['reason' => 'mistyped']],
    static fn (): array => [
        'POST',
        '/tree/move',
        ['what' => "asset-{$one('assets')}", 'into' => ['location', 'asset'][mt_rand(0, 1)]."-{$one('locations')}"],
    ],
    static fn (): array => [
        'POST',
        "/schedules/{$one('schedules', ['ended' => 0])}/skip",
        ['skip_reason' => 'opened anyway'],
    ],
];
// A gateway among them sends some at once; what follows from them is looked at by itself, after it was kept.
$gateway = static function () use ($app, $one): void {
    $meter = Meter::query()->findOrFail($one('meters'));
    $lines = array_map(static fn (): array => ['shown' => (string) mt_rand(1400, 1500)], range(1, 4));
    try {
        $app->make(TakeManyReadings::class)($lines, static fn (array $line): Reading => $app->make(TakeReading::class)(
            Actor::sundial(),
            $meter,
            (string) $line['shown'],
            new DateTimeImmutable('2026-03-18 0'.mt_rand(1, 5).':'.mt_rand(10, 59).':00 UTC'),
            TakeReading::CONFIRMED,
        )[0]);
    } catch (ValidationException) {
        // What falls is refused, all of it.
    }
};
[$answers, $broken] = [[], []];
for ($i = 0; $i < (int) $count; $i++) {
    $app->forgetScopedInstances();
    Auth::setUser(User::withLists(User::query())->where('login', 'administrator')->firstOrFail());
    if (mt_rand(0, 9) === 0) {
        $gateway();

        continue;
    }
    [$method, $address, $sent] = $requests[mt_rand(0, count($requests) - 1)]();
    $answer = $web->handle(Request::create($address, $method, $sent));
    $status = $answer->getStatusCode();
    $answers[$status] = ($answers[$status] ?? 0) + 1;
    if ($status >= 500) {
        $said = substr((string) $answer->exception?->getMessage(), 0, 600);
        $broken[] = preg_replace('/\d+/', '…', $address).": {$said}";
    }
}
echo json_encode(['answers' => $answers, 'broken' => $broken], JSON_THROW_ON_ERROR);
