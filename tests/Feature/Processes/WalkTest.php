<?php

declare(strict_types=1);

use App\Planning\Actions\CompleteVisit;
use App\Planning\Actions\GiveVisitBack;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeReading;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Work\Actions\Release\ReleaseDueVisits;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

use function Tests\Core\day;

/** @return array<string, mixed> any schedule: calendar, usage or both, with any carry-over */
function anySchedule(?Meter $meter, int $i): array
{
    $rule = ['interval', 'interval', 'weekdays', 'nth', 'usage'][$meter === null ? mt_rand(0, 3) : mt_rand(0, 4)];

    return [
        'name' => "Check {$i}",
        'rule' => $rule,
        'every' => $rule === 'interval' ? mt_rand(60, 400) : ($rule === 'weekdays' ? mt_rand(14, 50) : mt_rand(4, 11)),
        'unit' => 'days',
        'weekdays' => [mt_rand(1, 7)],
        'nth' => [1, 2, 3, 4, -1][mt_rand(0, 4)],
        'nth_weekday' => mt_rand(1, 7),
        'non_working' => ['keep', 'forward', 'back', 'nearest'][mt_rand(0, 3)],
        'late_share' => mt_rand(0, 4) * 25,
        'early_share' => mt_rand(0, 4) * 25,
        'lead' => mt_rand(0, 20),
        'lead_unit' => mt_rand(0, 3) === 0 ? 'percent' : 'days',
        'anchor_on' => (string) day('2026-03-20')->plusDays(mt_rand(0, 120)),
        'months' => in_array($rule, ['interval', 'weekdays'], true) && mt_rand(0, 7) === 0
            ? [1, 2, 3, 4, 5, 9, 10, 11]
            : [],
    ] +
        ($meter !== null && ($rule === 'usage' || mt_rand(0, 1) === 1)
            ? ['meter_id' => $meter->id, 'usage_every' => (string) mt_rand(600, 4000)]
            : []);
}

/** Where the schedule should stand, from its last completion, the standing before it, and the readings that stand. */
function afresh(Schedule $schedule, Plant $plant): ?Schedule
{
    $last = Visit::query()
        ->where('schedule_id', $schedule->id)
        ->whereIn('state', [VisitState::Done, VisitState::Skipped])
        ->orderByDesc('number')
        ->first();
    if ($last === null || $last->before === null) {
        return null;
    }
    $before = ScheduleState::fromArray($last->before);
    $day = day($last->done_on ?? $last->planned_on);
    $facts = app(FactsOf::class)($schedule);
    $instant = $last->done_at === null
        ? $plant->site->middayOf($day)
        : (int) strtotime("{$last->done_at} UTC");
    $done = Done::on($last->taken(), $day, $instant);
    $step = $last->state === VisitState::Skipped
        ? $schedule->agreed()->skipped($before, $done, $facts, $instant)
        : $schedule->agreed()->completed($before, $done, $facts);

    return KeepStanding::fill(clone $schedule, $step->state, $facts);
}

// Committed as it goes: one transaction of three years would slow the database down tenfold.
beforeEach(fn () => Artisan::call('migrate:fresh'));
afterEach(function () {
    RefreshDatabaseState::$migrated = false;
});

it(
    'walks 120 random schedules through three random years: nothing twice, nothing lost, nothing outside its lead, '.
        'and every stored date as counted afresh',
    function () {
        $plant = Plant::build();
        mt_srand(20260318);
        $meters = [];
        for ($i = 0; $i < 24; $i++) {
            $asset = $plant->asset(sprintf('A-%03d', $i), "Asset {$i}", 'HALL');
            $meter =
                $i % 8 === 0
                    ? app(SaveMeter::class)(Actor::sundial(), null, $asset, MeterInput::of([
                        'name' => 'Hours',
                        'unit' => 'h',
                        'expected_per_year' => (string) mt_rand(1000, 6000),
                        'rolls_over_at' => '10000',
                    ]))
                    : null;
            if ($meter !== null) {
                $plant->read($meter, 100, '2026-03-10');
                $meters[] = ['meter' => $meter, 'shown' => 100, 'perDay' => mt_rand(2, 18)];
            }
            for ($n = 0; $n < 5; $n++) {
                $plant->schedule(anySchedule($meter, 5 * $i + $n), $asset);
            }
        }
        $released = [];
        $wrong = [];
        $day = day('2026-03-18');
        for ($end = $day->plusDays(3 * 365); $day->isBefore($end);) {
            $step = mt_rand(12, 30);
            $day = $day->plusDays($step);
            $this->clock->set("{$day} 12:00:00");
            foreach ($meters as &$one) {
                $one['shown'] += $one['perDay'] * $step;
                if (mt_rand(0, 2) === 0) {
                    $turn = $one['shown'] >= 10000 ? 'rolled over' : 'confirmed';
                    $one['shown'] %= 10000;
                    try {
                        app(TakeReading::class)(
                            Actor::sundial(),
                            $one['meter'],
                            (string) $one['shown'],
                            $this->clock->now(),
                            $turn,
                        );
                    } catch (InvalidInput) {
                        // A mistyped one stands above it until it is struck out.
                    }
                    if (mt_rand(0, 5) === 0 && $one['shown'] < 8000) {
                        $this->clock->set("{$day} 13:00:00");
                        try {
                            app(TakeReading::class)(
                                Actor::sundial(),
                                $one['meter'],
                                (string) ($one['shown'] + mt_rand(100, 1500)),
                                $this->clock->now(),
                                'confirmed',
                            );
                        } catch (InvalidInput) {
                        }
                    }
                }
                if (mt_rand(0, 4) === 0) {
                    $reading = Reading::query()
                        ->where('meter_id', $one['meter']->id)
                        ->whereNotExists(
                            fn ($struck) => $struck
                                ->from('reading_strikes')
                                ->whereColumn('reading_id', 'readings.id'),
                        )
                        ->orderByDesc('at')
                        ->first();
                    try {
                        $reading === null ?: app(StrikeReading::class)(Actor::sundial(), $reading, 'mistyped');
                    } catch (InvalidInput) {
                    }
                }
            }
            unset($one);
            $this->clock->set("{$day} 15:00:00");
            app(ReleaseDueVisits::class)(Actor::sundial(), $plant->site);
            foreach (Visit::query()->where('state', VisitState::InHand)->with('schedule')->get() as $visit) {
                if (! isset($released[$visit->schedule_id][$visit->number])) {
                    $released[$visit->schedule_id][$visit->number] = true;
                    if (
                        $visit->schedule->standing->release_on === null ||
                        day($visit->schedule->standing->release_on)->isAfter($day) ||
                        (! $visit->schedule->season()->holds(day($visit->point_on ?? $visit->planned_on)) &&
                            $visit->leading === 'calendar')
                    ) {
                        $wrong[] =
                            "visit {$visit->number} of {$visit->schedule->name} released on {$day} outside ".
                            'its lead';
                    }
                }
                match (mt_rand(0, 20)) {
                    0 => app(GiveVisitBack::class)($visit, 'no access'),
                    1 => app(CompleteVisit::class)($visit, day($visit->planned_on), 'not needed'),
                    2, 3, 4, 5, 6, 7 => null,
                    default => app(CompleteVisit::class)($visit, $day->plusDays(-mt_rand(0, 3)), null, null),
                };
                if ($visit->state === VisitState::GivenBack) {
                    unset($released[$visit->schedule_id][$visit->number]);
                }
            }
            foreach (
                Schedule::standings()
                    ->whereNull('visit_id')
                    ->inRandomOrder((string) mt_rand())
                    ->limit(8)
                    ->get() as $schedule
            ) {
                $expected = afresh($schedule, $plant);
                $given = Visit::query()
                    ->where('schedule_id', $schedule->id)
                    ->where('state', VisitState::GivenBack)
                    ->exists();
                foreach (
                    [
                        'next_point_on',
                        'usage_due',
                        'next_due_on',
                        'release_on',
                        'late_from',
                        'anchor_on',
                        'early_on',
                        'late_on',
                    ] as $field
                ) {
                    $of = static fn (Schedule $one): ?string => $field === 'anchor_on'
                        ? $one->anchor_on
                        : $one->standing->getAttribute($field);
                    if ($expected !== null && ! $given && $of($expected) !== $of($schedule)) {
                        $wrong[] =
                            "{$day} {$schedule->name}: {$field} stands at {$of($schedule)}, afresh {$of($expected)}";
                    }
                }
                $first = DB::table('coming_visits')->where('schedule_id', $schedule->id)->min('planned_on');
                $stands = $schedule->standing;
                if ($first !== $stands->next_due_on && $stands->next_due_on <= $stands->outlook_until) {
                    $wrong[] =
                        "{$day} {$schedule->name}: its outlook begins {$first}, it is due ".
                        "{$stands->next_due_on}";
                }
            }
        }
        $visits = 0;
        foreach (
            Visit::query()
                ->orderBy('number')
                ->get(['schedule_id', 'number', 'state'])
                ->groupBy('schedule_id') as $id => $of
        ) {
            $visits += $of->count();
            if (
                $of->pluck('number')->all() !== range(1, $of->count()) ||
                $of->where('state', VisitState::InHand)->count() > 1
            ) {
                $wrong[] = "schedule {$id} lost or repeated a visit: ".$of->pluck('number')->implode(' ');
            }
        }
        expect(loadsAsKept())->toBe(loadsCounted());
        expect(array_slice($wrong, 0, 12))
            ->toBe([])
            ->and($visits)
            ->toBeGreaterThan(600)
            ->and(DB::table('reading_strikes')->count())
            ->toBeGreaterThan(25);
    },
);
