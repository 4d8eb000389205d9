<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/**
 * Planned points written as a recurrence rule (RFC 5545, section 3.3.10), for calendars elsewhere.
 *
 * Days after the 28th of a month clamp in an interval; a rule says that as the last of the days up to it: 31 is
 * BYMONTHDAY=28,29,30,31;BYSETPOS=-1. What no rule can say (non-working days, lateness carried over) is not in it.
 */
final readonly class RuleText
{
    private const DAYS = [1 => 'MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

    /**
     * The rule without its start, which is the anchor of an interval or the start of a rule; null where none can say
     * it.
     */
    public static function of(PlannedPoints $points, Season $season, ?LocalDate $until = null): ?string
    {
        $months = count($season->months) === 12 ? [] : $season->months;
        $parts = match (true) {
            $points instanceof Interval => self::interval($points, $months),
            $points instanceof RecurrenceRule => self::rule($points, $months),
            default => null,
        };
        if ($parts === null) {
            return null;
        }
        $parts += $until === null ? [] : ['UNTIL' => str_replace('-', '', (string) $until)];

        return implode(
            ';',
            array_map(
                static fn (string $name, string|int $value): string => "{$name}={$value}",
                array_keys($parts),
                $parts,
            ),
        );
    }

    /** @param  list<int>  $months
     * @return array<string, string|int>|null */
    private static function interval(Interval $interval, array $months): ?array
    {
        $anchor = $interval->anchor;
        $every = $interval->every === 1 ? [] : ['INTERVAL' => $interval->every];
        $within = $months === [] ? [] : ['BYMONTH' => implode(',', $months)];

        return match ($interval->unit) {
            Unit::Days => ['FREQ' => 'DAILY'] + $every + $within,
            Unit::Weeks => ['FREQ' => 'WEEKLY'] + $every + $within + ['BYDAY' => self::DAYS[$anchor->weekday()]],
            Unit::Months => ['FREQ' => 'MONTHLY'] + $every + $within + self::dayOfMonth($anchor->day, 28),
            Unit::Years => $months !== [] && ! in_array($anchor->month, $months, true)
                ? null
                : ['FREQ' => 'YEARLY'] +
                    $every + ['BYMONTH' => $anchor->month] +
                    self::dayOfMonth($anchor->day, $anchor->month === 2 ? 28 : 31),
        };
    }

    /** @return array<string, string|int> */
    private static function dayOfMonth(int $day, int $always): array
    {
        return $day <= $always
            ? ['BYMONTHDAY' => $day]
            : ['BYMONTHDAY' => implode(',', range($always, $day)), 'BYSETPOS' => -1];
    }

    /** @param  list<int>  $months
     * @return array<string, string|int>|null */
    private static function rule(RecurrenceRule $rule, array $months): ?array
    {
        // Only what a schedule can be made of: weekdays, and the nth weekday of a month.
        if ($rule->byDay === [] || $rule->byMonthDay !== [] || $rule->byMonth !== [] || $rule->bySetPos !== []) {
            return null;
        }

        return ['FREQ' => $rule->frequency->value] +
            ($rule->interval === 1 ? [] : ['INTERVAL' => $rule->interval]) +
            ($months === [] ? [] : ['BYMONTH' => implode(',', $months)]) + [
                'BYDAY' => implode(
                    ',',
                    array_map(
                        static fn (WeekdayPick $pick): string => $pick->nth.self::DAYS[$pick->weekday],
                        $rule->byDay,
                    ),
                ),
            ];
    }
}
