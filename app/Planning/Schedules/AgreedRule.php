<?php

declare(strict_types=1);

namespace App\Planning\Schedules;

use App\Planning\Models\Schedule;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Unit;
use Sundial\Meters\Beyond;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\ConditionTrigger;
use Sundial\Planning\Trigger\RuleKind;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Visit\DaySetBy;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\Quantity;

/** What was agreed for a schedule, from the columns that keep it to the rule that core reckons with. */
final readonly class AgreedRule
{
    public static function of(Schedule $schedule): ScheduleRule
    {
        return ScheduleRule::of(
            self::triggers($schedule),
            self::terms($schedule),
            Schedule::day($schedule->ends_on),
        );
    }

    public static function triggers(Schedule $schedule): Triggers
    {
        return Triggers::of(
            RuleKind::from($schedule->rule)->isByCalendar() ? self::calendar($schedule) : null,
            $schedule->meter_id === null || $schedule->usage_every === null
                ? null
                : UsageTrigger::every(
                    Quantity::parse($schedule->usage_every, 'usage_every'),
                    0,
                    CarryOver::of($schedule->late_share, $schedule->early_share),
                ),
            $schedule->gauge_id === null || $schedule->condition_limit === null
                ? null
                : ConditionTrigger::of(
                    Beyond::from((string) $schedule->condition_beyond),
                    Quantity::parse($schedule->condition_limit, 'condition_limit'),
                    $schedule->condition_readings ?? 1,
                    Quantity::parse($schedule->condition_hysteresis ?? '0', 'condition_hysteresis'),
                ),
        );
    }

    private static function calendar(Schedule $schedule): CalendarTrigger
    {
        $anchor = LocalDate::parse($schedule->anchor_on, 'anchor_on');
        $season = $schedule->season();
        $move = NonWorking::from($schedule->non_working);
        $weekdays = Schedule::numbers($schedule->weekdays);

        return match ($schedule->rule) {
            Schedule::WEEKDAYS => CalendarTrigger::rule(
                RecurrenceRule::weekdays($anchor, $schedule->every, $weekdays),
                $schedule->least_gap,
                $season,
                $move,
            ),
            Schedule::NTH => CalendarTrigger::rule(
                RecurrenceRule::nthWeekday($anchor, $schedule->every, (int) $schedule->nth, $weekdays[0] ?? 0),
                $schedule->least_gap,
                $season,
                $move,
            ),
            default => CalendarTrigger::interval(
                Interval::every($schedule->every, Unit::from($schedule->unit), $anchor),
                CarryOver::of($schedule->late_share, $schedule->early_share, $schedule->least_gap),
                $season,
                $move,
            ),
        };
    }

    public static function terms(Schedule $schedule): VisitTerms
    {
        return VisitTerms::of(
            $schedule->leadTime(),
            $schedule->near_days,
            $schedule->tolerance_days,
            $schedule->statutory ? DaySetBy::Law : DaySetBy::Plant,
        );
    }
}
