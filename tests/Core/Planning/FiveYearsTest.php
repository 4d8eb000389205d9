<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\Outlook;
use Sundial\Planning\Visit\ReleaseDecision;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

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

    private Triggers $triggers;

    private ?LocalDate $point = null;

    private ?int $dueTotal = null;

    private ?LocalDate $reached = null;

    private LocalDate $base;

    private LocalDate $today;

    private int $total = 0;

    private int $number = 1;

    private ?Ladder $ladder;

    private LadderCount $count;

    private bool $smooth = true;

    public function __construct()
    {
        $this->first = day('2024-01-15')->plusDays(mt_rand(0, 400));
        $this->today = $this->base = $this->first->plusDays(-10);
        $kind = mt_rand(0, 4);
        // A rule that never falls due is refused when it is saved; another is drawn.
        for ($this->rule = null; $kind !== 4 && $this->rule === null;) {
            $rule = self::calendar($this->first);
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
        $this->triggers = Triggers::of($this->rule, $usage);
        $this->point = $this->rule?->first($this->first);
        $this->dueTotal = $usage?->pointAfter(0);
        $this->ladder = Ladder::parse(
            ['', 'small 1, medium 2, large 4', 'short 1, long 3', 'a 1, b 2, c 6, d 12'][mt_rand(0, 3)],
        );
        $this->count = LadderCount::none();
    }

    private static function calendar(LocalDate $anchor): CalendarTrigger
    {
        $season = mt_rand(0, 4) === 0 ? Season::months([1, 2, 10, 11, 12]) : Season::wholeYear();
        $move = NonWorking::cases()[mt_rand(0, 3)];
        $days = WorkingDays::except([6, 7], [day('2024-12-25'), day('2025-01-01'), day('2026-04-06')]);

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
        $lead = mt_rand(0, 2) === 0 ? LeadTime::percent(mt_rand(0, 60)) : LeadTime::days(mt_rand(0, 20));
        $read = $this->today->plusDays(mt_rand(5, 30));
        $pause = $this->today->plusDays(mt_rand(60, 500));
        for ($until = $this->first->plusDays(5 * 365); $this->today->isBefore($until);) {
            $due = $this->due();
            $dates = Outlook::with($lead, null, null, null, $this->counter())->dates(
                $this->triggers,
                $this->base,
                $this->point,
                $due,
            );
            if ($dates === null) {
                break;
            }
            $release = LocalDate::later($dates->release, $this->today);
            if ($this->triggers->usage !== null && $read->isBefore($release)) {
                [$this->today, $read] = [$read, $read->plusDays(mt_rand(5, 30))];
                $this->read(mt_rand(0, 200) * 1000);
            } elseif ($this->triggers->usage === null && $pause->isBefore($release)) {
                $this->today = $pause;
                $this->pause(mt_rand(1, 120));
                $pause = $this->today->plusDays(mt_rand(60, 500));
            } else {
                $this->today = $release;
                $this->release($dates, $due);
            }
        }

        return $this;
    }

    private function counter(): ?CounterStanding
    {
        return $this->triggers->usage === null
            ? null
            : CounterStanding::of($this->today, $this->total, Rate::of(8000, 1), RateFrom::Readings);
    }

    private function due(): NextDue
    {
        return NextDue::of(
            $this->point === null ? null : $this->triggers->calendar?->dateOf($this->point),
            $this->dueTotal,
            $this->counter(),
            $this->reached,
        );
    }

    private function read(int $rise): void
    {
        $this->total += $rise;
        $this->reached ??= $this->dueTotal !== null && $this->total >= $this->dueTotal ? $this->today : null;
    }

    private function pause(int $long): void
    {
        $from = $this->today;
        $this->today = $from->plusDays($long);
        if ($this->triggers->calendar === null || $this->point === null) {
            return;
        }
        $lifted = Suspension::lifted($this->triggers->calendar, $this->point, $from, $this->today);
        foreach ($lifted->suspended as $date) {
            $this->fate('suspended');
            $this->dates[] = (string) $date;
            $this->smooth = false;
        }
        if ($lifted->newAnchor !== null) {
            $calendar = $this->triggers->calendar;
            $this->triggers = Triggers::of(
                CalendarTrigger::interval(
                    $calendar->points->anchoredAt($lifted->newAnchor),
                    $calendar->carryOver,
                    $calendar->season,
                    $calendar->nonWorking,
                    $calendar->workingDays,
                ),
            );
        }
        $this->point = $lifted->nextPoint;
    }

    private function release(VisitDates $dates, NextDue $due): void
    {
        $season = $this->triggers->calendar->season ?? Season::wholeYear();
        $point = $due->leading === Leading::Usage ? null : $this->point;
        $decide = static fn (LocalDate $day, bool $inHand = false, bool $paused = false): bool => ReleaseDecision::of(
            $day,
            $dates,
            $season,
            $point,
            $inHand,
            $paused,
            false,
            true,
        )->releases();
        if ($due->leading === Leading::Usage && ! $season->holds($dates->planned)) {
            // Use that comes out of season waits for it.
            $this->check(! $decide($this->today), 'released out of season');
            $this->today = $this->today->plusDays(20);

            return;
        }
        $this->check($decide($this->today), 'not released though its lead has come');
        $this->check(! $decide($dates->release->plusDays(-1)), 'released outside its lead');
        $this->check(
            ! $decide($this->today, true) && ! $decide($this->today, false, true),
            'released while in hand or paused',
        );
        $this->complete($dates->planned, $due);
    }

    private function complete(LocalDate $planned, NextDue $due): void
    {
        $skipped = mt_rand(0, 19) === 0;
        $done = $skipped
            ? $planned
            : LocalDate::later($this->today, $planned->plusDays(mt_rand(0, 9) < 7 ? 0 : mt_rand(-10, 60)));
        $total =
            $this->counter() === null
                ? null
                : ($skipped && $due->leading === Leading::Usage
                    ? $this->dueTotal
                    : max($this->total, $this->counter()->on($done)));
        $level = $this->level($skipped);
        $after = $this->triggers->complete($due->leading, $this->point, $this->dueTotal, $done, $total);
        $this->fate($skipped ? 'skipped' : "done {$level}");
        $this->doneOn[] = (string) $done;
        if ($due->leading === Leading::Calendar) {
            $this->dates[] = (string) $planned;
        }
        foreach ($after->byDate->missed ?? [] as $missed) {
            $this->fate('missed');
            $this->dates[] = (string) $missed;
        }
        foreach ($after->byUse->missed ?? [] as $missed) {
            $this->fate('missed');
        }
        $this->smooth = $this->smooth && ! $skipped && $after->missed() === 0;
        $this->check(
            $after->nextPoint === null ||
                $after->triggers->calendar === null ||
                $after->triggers->calendar
                    ->dateOf($after->nextPoint)
                    ->isAfter(
                        $skipped
                            ? $planned
                            : LocalDate::later($done, $due->leading === Leading::Calendar ? $planned : $done),
                    ) ||
                $after->byDate?->newAnchor !== null,
            'the same visit twice',
        );
        $this->check(
            $after->nextTotal === null || $after->byUse === null || $after->nextTotal > (int) $total,
            'due again at the same total',
        );
        [$this->triggers, $this->point, $this->dueTotal, $this->reached] = [
            $after->triggers,
            $after->nextPoint,
            $after->nextTotal,
            null,
        ];
        [$this->base, $this->today, $this->total] = [
            $done,
            LocalDate::later($this->today, $done),
            max($this->total, (int) $total),
        ];
        // A reading that stood higher already reaches the next one at once.
        $this->reached = $this->dueTotal !== null && $this->total >= $this->dueTotal ? $this->today : null;
    }

    private function level(bool $skipped): int
    {
        if ($this->ladder === null) {
            return 1;
        }
        $level = $this->ladder->levelAt($this->number, $this->count);
        $byNumber = max(
            array_filter(
                array_keys($this->ladder->names),
                fn (int $multiple): bool => $this->number % $multiple === 0,
            ),
        );
        $this->check($level >= $byNumber, 'a level lost');
        $this->check(! $this->smooth || $level === $byNumber, 'a level out of its turn');
        $this->count = $skipped ? $this->count : $this->count->done($this->number, $level);

        return $level;
    }

    private function fate(string $what): void
    {
        $this->check(! isset($this->fates[$this->number]), "visit {$this->number} made twice");
        $this->fates[$this->number++] = $what;
    }

    private function check(bool $holds, string $otherwise): void
    {
        if (! $holds) {
            $this->wrong[] = "{$this->today}: {$otherwise}";
        }
    }
}

it(
    'makes no visit twice, loses none, and releases none outside its lead, on five years’ walk of 2 000 schedules',
    function () {
        mt_srand(20261123);
        $seen = [];
        for ($run = 0; $run < 2000; $run++) {
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
            ->toBeGreaterThan(500)
            ->and(array_keys($seen))
            ->toEqualCanonicalizing(['done', 'skipped', 'missed', 'suspended']);
    },
);
