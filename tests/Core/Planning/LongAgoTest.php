<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Completion;
use Sundial\Planning\Trigger\UsageCompletion;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Support\InvalidInput;

/** The slow way: every point from the start on, one after the other. */
function pointByCountingUp(CalendarTrigger $trigger, LocalDate $day, LocalDate $notOn): ?string
{
    $point = $trigger->points->firstAfter($day);
    while ($point !== null && $point->year < 2100) {
        if ($trigger->season->holds($point) && $trigger->dateOf($point)->isAfter($notOn)) {
            return (string) $point;
        }
        $point = $trigger->points->firstAfter($point);
    }

    return null;
}

it('finds the next point of a rule that began long ago as counting up would', function () {
    mt_srand(20260318);
    $compared = 0;
    for ($i = 0; $i < 150; $i++) {
        $start = LocalDate::of(mt_rand(1900, 2020), mt_rand(1, 12), mt_rand(1, 28));
        $notOn = LocalDate::of(mt_rand(2021, 2030), mt_rand(1, 12), mt_rand(1, 28));
        $season = mt_rand(0, 2) === 0 ? Season::months([mt_rand(1, 12), mt_rand(1, 12)]) : Season::wholeYear();
        $move = [NonWorking::Keep, NonWorking::Forward, NonWorking::Back, NonWorking::Nearest][mt_rand(0, 3)];
        $days = WorkingDays::except(
            [6, 7],
            array_map(LocalDate::parse(...), ['2025-12-24', '2025-12-25', '2025-12-26', '2027-08-02', '2027-08-03']),
        );
        $trigger =
            mt_rand(0, 1) === 0
                ? CalendarTrigger::interval(
                    Interval::every(mt_rand(1, 40), Unit::cases()[mt_rand(0, 3)], $start),
                    CarryOver::of(0, 0, 0),
                    $season,
                    $move,
                    $days,
                )
                : CalendarTrigger::rule(
                    RecurrenceRule::weekdays($start, mt_rand(1, 8), [mt_rand(1, 7)]),
                    0,
                    $season,
                    $move,
                    $days,
                );
        $slow = pointByCountingUp($trigger, $start, $notOn);
        try {
            $fast = (string) $trigger->pointAfter($start, $notOn);
        } catch (InvalidInput) {
            $fast = null;
        }
        if ($slow !== null) {
            expect($fast)->toBe($slow, "case {$i}");
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(120);
});

it('completes a visit of a daily rule that began in 1900', function () {
    $daily = CalendarTrigger::interval(
        Interval::every(1, Unit::Days, LocalDate::of(1900, 1, 1)),
        CarryOver::of(0, 0, 0),
    );
    $completion = Completion::of($daily, LocalDate::of(1900, 1, 2), LocalDate::of(2026, 3, 18));
    expect((string) $completion->nextDate)
        ->toBe('2026-03-19')
        ->and($completion->missed)
        ->toHaveCount(1095)
        ->and((string) $completion->missed[0])
        ->toBe('2023-03-19');
});

it('completes a visit of a usage rule that stands far back', function () {
    $trigger = UsageTrigger::every(1000, 0, CarryOver::of(0, 0, 0));
    $completion = UsageCompletion::of($trigger, 1000, 90_000_000);
    expect($completion->next)->toBe(90_001_000)->and(count($completion->missed))->toBeLessThanOrEqual(1000);
});
