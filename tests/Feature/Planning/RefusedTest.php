<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** @return array<string, mixed> what must not move when something is refused */
function booksOfPlans(): array
{
    return [
        DB::table('schedules')->orderBy('id')->get()->all(),
        DB::table('schedule_standings')->orderBy('schedule_id')->get()->all(),
        DB::table('visits')->orderBy('id')->get()->all(),
        DB::table('coming_visits')->count(),
        DB::table('methods')->orderBy('id')->get()->all(),
        DB::table('method_revisions')->orderBy('id')->get()->all(),
        DB::table('rounds')->orderBy('id')->get()->all(),
        DB::table('stations')->count(),
        DB::table('work_orders')->count(),
    ];
}

/** A schedule whose visit was released already. */
function inHand(Plant $plant): Schedule
{
    $schedule = $plant->schedule();
    $plant->release();

    return $schedule->refresh();
}

function walkedRound(Plant $plant): int
{
    test()
        ->as('planner')
        ->post('/rounds', ['name' => 'Morning walk'])
        ->assertSessionHasNoErrors();
    $round = (int) DB::table('rounds')->max('id');
    test()
        ->post("/rounds/{$round}/stations", ['tag' => 'PMP-01'])
        ->assertSessionHasNoErrors();

    return $round;
}

it('refuses what cannot be at its field, says so in the page that follows, and changes nothing', function (
    Closure $case,
) {
    $plant = Plant::build();
    expectRefused(booksOfPlans(...), ...$case($plant));
})->with([
    'a schedule every no days' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/schedules/new", "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['every' => '0']), 'every', '1',
        ],
    ],
    'a schedule from a day that there is not' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/schedules/new", "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['anchor_on' => '2026-02-30']), 'anchor_on', 'day',
        ],
    ],
    'a schedule of a method that there is not' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/schedules/new", "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['method_id' => 99999]), 'method_id', 'method',
        ],
    ],
    'a schedule for a team of another site' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/schedules/new", "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['team_id' => DB::table('teams')->insertGetId([
                'site_id' => $plant->otherSite->id, 'name' => 'Elsewhere',
            ])]), 'team_id', 'team',
        ],
    ],
    'a schedule that is more than late at once' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/schedules/new", "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['late_share' => '101']), 'late_share', '100',
        ],
    ],
    'saved in an old window' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}/edit", "/schedules/{$schedule->id}",
                ['_method' => 'put', 'version' => $schedule->version - 1] + $plant->fields(['every' => 40]), 'stale',
                'Somebody else saved this'];
        },
    ],
    'ended without a word' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/end",
                ['version' => $schedule->version], 'reason', 'eason'];
        },
    ],
    'ended while its visit is in hand' => [
        function (Plant $plant): array {
            $schedule = inHand($plant);

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/end",
                ['reason' => 'sold', 'version' => $schedule->version], 'reason', 'Its next visit is in hand in'];
        },
    ],
    'paused until a day before it is paused' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/pause",
                ['from' => '2026-04-10', 'until' => '2026-04-01', 'pause_reason' => 'the mill rests',
                    'version' => $schedule->version], 'until', 'day'];
        },
    ],
    'paused, though it is' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();
            $pause = ['from' => '2026-03-18', 'pause_reason' => 'the mill rests', 'version' => $schedule->version];
            test()
                ->as('planner')
                ->post("/schedules/{$schedule->id}/pause", $pause)
                ->assertSessionHasNoErrors();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/pause",
                ['version' => $schedule->refresh()->version] + $pause, 'from', 'paused'];
        },
    ],
    'skipped while it is in hand' => [
        function (Plant $plant): array {
            $schedule = inHand($plant);

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/skip",
                ['skip_reason' => 'not worth it', 'version' => $schedule->version], 'skip_reason', 'in hand'];
        },
    ],
    'a skip taken back that was none' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/skip",
                ['_method' => 'delete', 'version' => $schedule->version], 'form',
                'The skip can no longer be taken back'];
        },
    ],
    'moved while it is in hand' => [
        function (Plant $plant): array {
            $schedule = inHand($plant);

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/move",
                ['_method' => 'put', 'moved_to' => '2026-03-21', 'version' => $schedule->version], 'moved_to',
                'in hand'];
        },
    ],
    'moved beyond its tolerance' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/move",
                ['_method' => 'put', 'moved_to' => '2026-07-21', 'version' => $schedule->version], 'moved_to',
                'it is on time within 3 days of that'];
        },
    ],
    'counted from a day that is past' => [
        function (Plant $plant): array {
            $schedule = $plant->schedule();

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/count-from",
                ['on' => '2026-01-02', 'count_reason' => 'overhauled', 'version' => $schedule->version], 'on',
                'The next visit lies today or later.'];
        },
    ],
    'counted afresh while it is in hand' => [
        function (Plant $plant): array {
            $schedule = inHand($plant);

            return ['planner', "/schedules/{$schedule->id}", "/schedules/{$schedule->id}/count-from",
                ['on' => '2026-04-02', 'count_reason' => 'overhauled', 'version' => $schedule->version], 'on',
                'hand'];
        },
    ],
    'a method whose code another has' => [
        fn (Plant $plant): array => [
            'planner', '/methods/new', '/methods',
            ['code' => 'M-1', 'name' => 'Another', 'order_type' => 'preventive', 'priority' => 'routine',
                'steps' => [['text' => 'Look', 'minutes' => 5]]], 'code', 'M-1',
        ],
    ],
    'a method put in force that is' => [
        fn (Plant $plant): array => [
            'planner', "/methods/{$plant->method->id}", "/methods/{$plant->method->id}/in-force",
            ['why' => 'better', 'version' => $plant->method->version], 'form', 'There is no draft to put in force.',
        ],
    ],
    'a method from a file that is none' => [
        fn (Plant $plant): array => [
            'planner', '/methods', '/methods/import',
            ['file' => UploadedFile::fake()->createWithContent('method.json', 'M-2, Look')], 'file',
            'This is no method: a file of JSON with its steps is expected.',
        ],
    ],
    'a round whose name another has' => [
        function (Plant $plant): array {
            walkedRound($plant);

            return ['planner', '/rounds', '/rounds', ['name' => 'Morning walk'], 'name',
                'There is a round “Morning walk” already.'];
        },
    ],
    'an asset walked twice' => [
        function (Plant $plant): array {
            $round = walkedRound($plant);

            return ['planner', "/rounds/{$round}", "/rounds/{$round}/stations", ['tag' => 'PMP-01'], 'tag',
                'This asset is walked by the round already.'];
        },
    ],
    'an asset of another site walked' => [
        function (Plant $plant): array {
            $round = walkedRound($plant);

            return ['planner', "/rounds/{$round}", "/rounds/{$round}/stations", ['tag' => 'X-1'], 'tag',
                'No asset of this site has the tag or code “X-1”.'];
        },
    ],
]);
