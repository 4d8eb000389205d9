<?php

declare(strict_types=1);

use App\Planning\Actions\ChangeFromDay;
use App\Planning\Actions\CountFromHere;
use App\Planning\Actions\EndSchedule;
use App\Planning\Actions\MoveVisit;
use App\Planning\Actions\PauseSchedule;
use App\Planning\Actions\ResumeSchedule;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Actions\SkipVisit;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Actions\Release\ReleaseDueVisits;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

/** A schedule of the pump that goes on, has an order, is paused, stands still with its asset, or was ended. */
function scheduleInState(Plant $plant, string $state): Schedule
{
    $by = $plant->actor('planner');
    $schedule = $plant->schedule();
    match ($state) {
        'in hand' => app(ReleaseDueVisits::class)(Actor::sundial(), $plant->site),
        'paused' => app(PauseSchedule::class)($by, $schedule, LocalDate::of(2026, 3, 18), null, 'The hall is shut'),
        'held up' => test()->as('planner')->put("/assets/{$plant->pump->id}", [
            ...$plant->pump->refresh()->only('tag', 'name', 'class_id', 'criticality', 'version'),
            'stands' => $plant->pump->location?->tag,
            'life_state' => 'out of service',
        ])->assertSessionHasNoErrors(),
        'ended' => app(EndSchedule::class)($by, $schedule, 'The pump is gone'),
        default => null,
    };

    return $schedule->refresh();
}

/** Those of which no order is under way, and that were not ended. */
const FREE = ['going on', 'paused', 'held up'];

const STATES_OF_SCHEDULES = ['going on', 'in hand', 'paused', 'held up', 'ended'];

it('lets be done to a schedule what its state lets, and refuses it in every other', function (
    Closure $act,
    array $lets,
) {
    $plant = Plant::build();
    $passed = [];
    foreach (STATES_OF_SCHEDULES as $state) {
        DB::beginTransaction();
        $schedule = scheduleInState($plant, $state);
        $before = DB::table('audit_entries')->count();
        try {
            $act($schedule, $plant->actor('planner'), $plant);
            $passed[] = $state;
        } catch (InvalidInput) {
            expect(DB::table('audit_entries')->count())->toBe($before, "refused, and nothing written: {$state}");
        }
        DB::rollBack();
    }
    expect($passed)->toBe($lets);
})->with([
    'paused' => [
        fn (Schedule $one, Actor $by) => app(PauseSchedule::class)(
            $by,
            $one,
            LocalDate::of(2026, 3, 20),
            LocalDate::of(2026, 4, 20),
            'The hall is shut',
        ),
        ['going on', 'in hand', 'held up'],
    ],
    'taken up again' => [
        fn (Schedule $one, Actor $by) => app(ResumeSchedule::class)($by, $one),
        STATES_OF_SCHEDULES,
    ],
    'passed over once' => [
        fn (Schedule $one, Actor $by) => app(SkipVisit::class)($by, $one, 'Just overhauled'),
        FREE,
    ],
    'moved to another day' => [
        fn (Schedule $one, Actor $by) => app(MoveVisit::class)($by, $one, LocalDate::of(2026, 3, 21)),
        FREE,
    ],
    'counted anew from a day' => [
        fn (Schedule $one, Actor $by) => app(CountFromHere::class)(
            $by,
            $one,
            LocalDate::of(2026, 3, 19),
            null,
            'Overhauled',
        ),
        FREE,
    ],
    'ended' => [
        fn (Schedule $one, Actor $by) => app(EndSchedule::class)($by, $one, 'The pump is gone'),
        [...FREE, 'ended'],
    ],
    'changed from a day on' => [
        fn (Schedule $one, Actor $by, Plant $plant) => app(ChangeFromDay::class)(
            $by,
            $one,
            ScheduleInput::of($plant->fields(['every' => 3])),
            LocalDate::of(2026, 5, 1),
        ),
        ['going on', 'in hand', 'paused', 'held up'],
    ],
    'changed' => [
        fn (Schedule $one, Actor $by, Plant $plant) => app(SaveSchedule::class)(
            $by,
            $one,
            $plant->pump,
            ScheduleInput::of($plant->fields(['every' => 3])),
        ),
        ['going on', 'in hand', 'paused', 'held up'],
    ],
]);
