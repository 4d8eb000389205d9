<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Schedule\MethodState;
use Sundial\Planning\Schedule\ReleaseDecision;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Standing;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;
use Tests\Core\SteadyCounter;

use function Tests\Core\day;
use function Tests\Core\tries;

/**
 * A random schedule and what befalls it, from one event to the next: readings, pauses, releases, completions early
 * and late, skips.
 */
final class FiveYears
{
    /** @var array<int, string> what became of each visit, by number */
    public array $fates = [];

    /** @var list<string> the dates of the calendar that were done, missed or suspended */
    public array $dates = [];

    /** @var list<string> days of completion */
    public array $doneOn = [];

    /** @var list<string> what went wrong */
    public array $wrong = [];

    public ?CalendarTrigger $rule;

    public LocalDate $first;

    private ScheduleRule $schedule;

    private ScheduleState $state;

    private WorkingDays $days;

    private SteadyCounter $counter;

    private LocalDate $today;

    private ?Ladder $ladder;

    private LadderCount $count;

    private bool $smooth = true;

    public function __construct()
    {
        $this->first = day('2024-01-15')->plusDays(mt_rand(0, 400));
        $this->today = $this->first->plusDays(-10);
        $this->counter = new SteadyCounter($this->today, 8000);
        $this->days = WorkingDays::except([6, 7], [day('2024-12-25'), day('2025-01-01'), day('2026-04-06')]);
        $kind = mt_rand(0, 4);
        // A rule that never falls due is refused when it is saved; another is drawn.
        for ($this->rule = null; $kind !== 4 && $this->rule === null;) {
            $rule = $this->calendar($this->first);
            $this->rule = self::everFallsDue($rule, $this->first) ? $rule : null;
        }
        $usage =
            $kind < 3
                ? null
                : UsageTrigger::every(
                    mt_rand(50, 900) * 1000,
                    0,
                    CarryOver::of(mt_rand(0, 2) * 50, mt_rand(0, 2) * 50),
                );
        $lead = mt_rand(0, 2) === 0 ? LeadTime::percent(mt_rand(0, 60)) : LeadTime::days(mt_rand(0, 20));
        $this->schedule = ScheduleRule::of(Triggers::of($this->rule, $usage), VisitTerms::of($lead));
        $this->state = $this->schedule->begin(Start::at(1), $this->facts());
        $this->ladder = Ladder::parse(
            ['', 'small 1, medium 2, large 4', 'short 1, long 3', 'a 1, b 2, c 6, d 12'][mt_rand(0, 3)],
        );
        $this->count = LadderCount::none();
    }

    private function calendar(LocalDate $anchor): CalendarTrigger
    {
        $season = mt_rand(0, 4) === 0 ? Season::months([1, 2, 10, 11, 12]) : Season::wholeYear();
        $move = NonWorking::cases()[mt_rand(0, 3)];
        $days = $this->days;

        return match (mt_rand(0, 4)) {
            0 => CalendarTrigger::rule(
                RecurrenceRule::weekdays($anchor, mt_rand(1, 4), array_slice([1, 3, 5, 7], mt_rand(0, 2))),
                0,
                $season,
                $move,
                $days,
            ),
            1 => CalendarTrigger::rule(
                RecurrenceRule::nthWeekday($anchor, mt_rand(1, 4), [1, 2, 3, 4, -1][mt_rand(0, 4)], mt_rand(1, 7)),
                0,
                $season,
                $move,
                $days,
            ),
            default => CalendarTrigger::interval(
                Interval::every(mt_rand(2, 9), Unit::cases()[mt_rand(0, 2)], $anchor),
                CarryOver::of(mt_rand(0, 4) * 25, mt_rand(0, 4) * 25),
                $season,
                $move,
                $days,
            ),
        };
    }

    private static function everFallsDue(CalendarTrigger $rule, LocalDate $first): bool
    {
        try {
            return ! $rule->first($first)->isBefore($first);
        } catch (InvalidInput) {
            return false;
        }
    }

    public function walk(): self
    {
        $read = $this->today->plusDays(mt_rand(5, 30));
        $pause = $this->today->plusDays(mt_rand(60, 500));
        for ($until = $this->first->plusDays(5 * 365); $this->today->isBefore($until);) {
            $standing = $this->standing(Holds::none());
            if ($standing->visit === null) {
                break;
            }
            $release = LocalDate::later($standing->visit->release, $this->today);
            if ($this->state->usage !== null && $read->isBefore($release)) {
                [$this->today, $read] = [$read, $read->plusDays(mt_rand(5, 30))];
                $this->counter->rise($this->today, mt_rand(0, 200) * 1000);
            } elseif ($this->state->usage === null && $pause->isBefore($release)) {
                $this->today = $pause;
                $this->pause(mt_rand(1, 120));
                $pause = $this->today->plusDays(mt_rand(60, 500));
            } else {
                $this->today = $release;
                $this->release($standing);
            }
        }

        return $this;
    }

    private function facts(): Facts
    {
        return Facts::on($this->today, $this->days, $this->counter);
    }

    private function standing(Holds $holds): Standing
    {
        return $this->schedule->standing($this->state, $holds, $this->facts());
    }

    private function pause(int $long): void
    {
        $from = $this->today;
        $this->today = $from->plusDays($long);
        $step = $this->schedule->goneOn($this->state, $from, $this->today, $this->facts());
        foreach ($step->passed as $visit) {
            $this->fate('suspended', $visit->number);
            $this->dates[] = (string) $visit->planned;
            $this->smooth = false;
        }
        $this->state = $step->state;
    }

    private function release(Standing $standing): void
    {
        $visit = $standing->visit;
        $season = $this->schedule->season();
        $decide = fn (LocalDate $day, Standing $standing): bool => ReleaseDecision::of(
            $day,
            $standing->planned($this->schedule),
            $standing->holds,
            MethodState::InForce,
        )->releases();
        if ($standing->due->leading === Leading::Usage && ! $season->holds($visit->planned)) {
            // Use that comes out of season waits for it.
            $this->check(! $decide($this->today, $standing), 'released out of season');
            $this->today = $this->today->plusDays(20);

            return;
        }
        $this->check($decide($this->today, $standing), 'not released though its lead has come');
        $this->check(! $decide($visit->release->plusDays(-1), $standing), 'released outside its lead');
        $held = [
            Holds::none()->inHand(),
            Holds::none()->heldSince($this->today),
            Holds::none()->ended(),
            Holds::none()->assetOutOfUse(),
        ][mt_rand(0, 3)];
        $this->check(! $decide($this->today, $this->standing($held)), 'released though something held it up');
        $this->complete($visit->planned, $standing->due);
    }

    private function complete(LocalDate $planned, NextDue $due): void
    {
        $skipped = mt_rand(0, 19) === 0;
        $done = $skipped
            ? $planned
            : LocalDate::later($this->today, $planned->plusDays(mt_rand(0, 9) < 7 ? 0 : mt_rand(-10, 60)));
        $before = $this->state;
        $level = $this->level($skipped);
        $visit = VisitInHand::of(
            $due->leading,
            $before->calendar?->point,
            $before->usage?->due,
            $before->number,
        );
        $step = $skipped
            ? $this->schedule->skipped($before, Done::on($visit, $done), $this->facts(), 0)
            : $this->schedule->completed($before, Done::on($visit, $done), $this->facts());
        $this->fate($skipped ? 'skipped' : "done {$level}", $before->number);
        $this->doneOn[] = (string) $done;
        if ($due->leading === Leading::Calendar) {
            $this->dates[] = (string) $planned;
        }
        foreach ($step->passed as $missed) {
            $this->fate('missed', $missed->number);
            if ($missed->led === Leading::Calendar) {
                $this->dates[] = (string) $missed->planned;
            }
        }
        $this->smooth = $this->smooth && ! $skipped && $step->passed === [];
        $this->state = $step->state;
        $this->today = LocalDate::later($this->today, $done);
        if ($step->doneTotal !== null) {
            $this->counter->atLeast($this->today, $step->doneTotal);
        }
        $this->checkNext($planned, $done, $due->leading, (int) $step->doneTotal);
    }

    private function checkNext(LocalDate $planned, LocalDate $done, Leading $led, int $total): void
    {
        $point = $this->state->calendar?->point;
        $moved = $point !== null && $this->state->calendar->anchor->is($point);
        $next = $point === null ? null : $this->rule?->dateOf($point);
        $this->check(
            $next === null ||
                $moved ||
                $next->isAfter($led === Leading::Calendar ? LocalDate::later($done, $planned) : $done),
            'the same visit twice',
        );
        $this->check(
            $led !== Leading::Usage || $this->state->usage?->due > $total,
            'due again at the same total',
        );
        $this->check(
            $this->state->toArray() === ScheduleState::fromArray(
                json_decode((string) json_encode($this->state->toArray()), true),
            )->toArray(),
            'kept and read, another',
        );
    }

    private function level(bool $skipped): int
    {
        if ($this->ladder === null) {
            return 1;
        }
        $level = $this->ladder->levelAt($this->state->number, $this->count);
        $byNumber = max(
            array_filter(
                array_keys($this->ladder->names),
                fn (int $multiple): bool => $this->state->number % $multiple === 0,
            ),
        );
        $this->check($level >= $byNumber, 'a level lost');
        $this->check(! $this->smooth || $level === $byNumber, 'a level out of its turn');
        $this->count = $skipped ? $this->count : $this->count->done($this->state->number, $level);

        return $level;
    }

    private function fate(string $what, int $number): void
    {
        $this->check(! isset($this->fates[$number]), "visit {$number} made twice");
        $this->fates[$number] = $what;
    }

    private function check(bool $holds, string $otherwise): void
    {
        if (! $holds) {
            $this->wrong[] = "{$this->today}: {$otherwise}";
        }
    }
}

it(
    'makes no visit twice, loses none, and releases none outside its lead, on five years’ walk of many schedules',
    function () {
        mt_srand(20261123);
        $seen = [];
        for ($run = 0; $run < tries(4000); $run++) {
            $walk = (new FiveYears())->walk();
            expect($walk->wrong)
                ->toBe([], "schedule {$run}")
                ->and(array_keys($walk->fates))
                ->toBe($walk->fates === [] ? [] : range(1, count($walk->fates)), "schedule {$run}");
            foreach ($walk->fates as $fate) {
                $seen[explode(' ', $fate)[0]] = ($seen[explode(' ', $fate)[0]] ?? 0) + 1;
            }
            // Kept to the calendar, each of its dates up to the last has come to something, unless another visit was
            // done that day.
            if (
                $walk->rule !== null &&
                $walk->dates !== [] &&
                $walk->rule->carryOver->late === 0 &&
                $walk->rule->carryOver->early === 0 &&
                count($walk->dates) === count($walk->fates)
            ) {
                $dates = [];
                for (
                    $point = $walk->rule->first($walk->first), $last = day(max($walk->dates));
                    ! ($date = $walk->rule->dateOf($point))->isAfter($last);
                    $point = $walk->rule->pointAfter($point, $date)
                ) {
                    $dates[] = (string) $date;
                }
                expect(array_values(array_diff($dates, $walk->dates, $walk->doneOn)))
                    ->toBe([], "schedule {$run} lost a date")
                    ->and(count(array_unique($walk->dates)))
                    ->toBe(count($walk->dates), "schedule {$run} has a date twice");
            }
        }
        // The walk met everything that can become of a visit, and often.
        expect(min($seen))
            ->toBeGreaterThan(tries(1000))
            ->and(array_keys($seen))
            ->toEqualCanonicalizing(['done', 'skipped', 'missed', 'suspended']);
    },
);
