<?php

declare(strict_types=1);

use App\People\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\DemoCase;
use Tests\TestCase;

pest()
    ->extend(TestCase::class)
    ->use(RefreshDatabase::class)
    ->in(
        'Feature/People',
        'Feature/Register',
        'Feature/Stops',
        'Feature/Stores',
        'Feature/Planning',
        'Feature/Work',
        'Feature/Platform',
    );
// Two processes have to see each other's rows: no transaction around the test.
pest()->extend(TestCase::class)->in('Feature/Processes');
pest()->extend(DemoCase::class)->in('Demo');

/** Polls, bounded, until so many connections wait for a lock. */
function untilWaiting(int $count): void
{
    // The server renews what it tells only when nobody has asked for a tenth of a second.
    for ($i = 0; $i < 120; $i++) {
        $waiting = DB::selectOne(
            "SELECT COUNT(*) AS n FROM information_schema.INNODB_TRX WHERE trx_state = 'LOCK WAIT'",
        )->n;
        if ((int) $waiting >= $count) {
            return;
        }
        usleep(150_000);
    }
    throw new RuntimeException("Never {$count} connections waited for a lock.");
}

/** @return array<string, array{int, int}> visits and expected ones of each day, method and level, counted one by one */
function loadsCounted(): array
{
    return DB::table('coming_visits')
        ->selectRaw("CONCAT_WS(' ', site_id, planned_on, method_id, level) as of, COUNT(*) as n, SUM(expected) as e")
        ->groupBy('of')
        ->orderBy('of')
        ->get()
        ->mapWithKeys(static fn (object $row): array => [$row->of => [(int) $row->n, (int) $row->e]])
        ->all();
}

/** @return array<string, array{int, int}> the same, as the database keeps it up */
function loadsAsKept(): array
{
    return DB::table('outlook_loads')
        ->selectRaw(
            "CONCAT_WS(' ', site_id, planned_on, method_id, level) as of, SUM(visits) as n, SUM(expected) as e",
        )
        ->groupBy('of')
        ->havingRaw('n <> 0 OR e <> 0')
        ->orderBy('of')
        ->get()
        ->mapWithKeys(static fn (object $row): array => [$row->of => [(int) $row->n, (int) $row->e]])
        ->all();
}

/** @return array<string, array<string, list<int>>> cents, unknown and seconds of each day, counted entry by entry */
function costDaysCounted(): array
{
    $of = [
        'cost_days' => "CONCAT_WS(' ', site_id, on_day, kind, class_id, cost_centre_id, type, work)",
        'cost_place_days' => "CONCAT_WS(' ', site_id, on_day, kind, SUBSTRING_INDEX(SUBSTRING(path, 2), '/', 1))",
    ];

    return array_map(static fn (string $key): array => costsBy('cost_entries', $key, 'cents IS NULL'), $of);
}

/** @return array<string, array<string, list<int>>> the same, as it is kept */
function costDays(): array
{
    $of = [
        'cost_days' => "CONCAT_WS(' ', site_id, on_day, kind, class_id, cost_centre_id, type, work)",
        'cost_place_days' => "CONCAT_WS(' ', site_id, on_day, kind, top)",
    ];

    return array_map(
        static fn (string $table): array => costsBy($table, $of[$table], 'unknown'),
        array_combine(array_keys($of), array_keys($of)),
    );
}

/** @return array<string, list<int>> */
function costsBy(string $table, string $key, string $unknown): array
{
    return DB::table($table)
        ->selectRaw("{$key} as of, SUM(COALESCE(cents, 0)) as c, SUM({$unknown}) as u, SUM(seconds) as s")
        ->groupBy('of')
        ->havingRaw('c <> 0 OR u <> 0 OR s <> 0')
        ->orderBy('of')
        ->get()
        ->mapWithKeys(static fn (object $row): array => [$row->of => [(int) $row->c, (int) $row->u, (int) $row->s]])
        ->all();
}

/** Sends a request as a program does: with a token that a person made on their page. */
function api(
    string $role,
    string $method,
    string $path,
    array $body = [],
    array $headers = [],
    string $may = 'write',
): TestResponse {
    static $tokens = [];
    $person = User::query()->where('login', $role)->sole();
    if (
        ! DB::table('personal_access_tokens')
            ->where('id', $tokens["{$role} {$may}"][0] ?? 0)
            ->exists()
    ) {
        test()
            ->as($role)
            ->post('/me/tokens', ['name' => 'gateway', 'may' => $may])
            ->assertRedirect('/me#tokens');
        $tokens["{$role} {$may}"] = [DB::table('personal_access_tokens')->max('id'), session('token')[1]];
        expect(
            DB::table('personal_access_tokens')
                ->where('tokenable_id', $person->id)
                ->where('token', 'like', '%'.substr(session('token')[1], 4).'%')
                ->exists(),
        )->toBeFalse();
    }
    test()->flushSession();
    app('auth')->forgetGuards();
    app()->forgetScopedInstances();

    return test()->json(
        $method,
        "/api/v1/{$path}",
        $body,
        $headers + ['Authorization' => 'Bearer '.$tokens["{$role} {$may}"][1]],
    );
}

/**
 * Sends a form that is refused: at its field, in words on the page that follows, and nothing of it is kept.
 *
 * @param  array<string, mixed>  $body  with “_method” where it is not posted
 * @param  Closure(): array<mixed>  $books  what must not move
 */
function expectRefused(
    Closure $books,
    string $login,
    string $page,
    string $address,
    array $body,
    string $field,
    string $words,
): void {
    $before = $books();
    $method = $body['_method'] ?? 'post';
    test()
        ->as($login)
        ->from($page)
        ->{$method}($address, array_diff_key($body, ['_method' => 0]))
        ->assertSessionHasErrors([$field]);
    expect($books())->toEqual($before);
    test()
        ->as($login)
        ->get($page)
        ->assertOk()
        ->assertSee($words);
}
