<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/** The days of a week, month or year, and the place of a weekday within them: what a recurrence rule picks from. */
final readonly class Period
{
    /** @return list<LocalDate> $days days from the first on */
    public static function run(LocalDate $first, int $days): array
    {
        return array_map($first->plusDays(...), range(0, $days - 1));
    }

    /** @return list<LocalDate> */
    public static function month(int $year, int $month): array
    {
        return self::run(LocalDate::of($year, $month, 1), LocalDate::daysIn($year, $month));
    }

    /** @return list<LocalDate> */
    public static function year(int $year): array
    {
        return self::run(LocalDate::of($year, 1, 1), LocalDate::daysIn($year, 2) + 337);
    }

    /** Whether the day is the nth of its weekday (negative: from the end) in its month, or in its year. */
    public static function isNth(LocalDate $day, int $nth, bool $inYear): bool
    {
        $first = $inYear ? LocalDate::of($day->year, 1, 1) : $day->firstOfMonth();
        $length = $inYear ? LocalDate::daysIn($day->year, 2) + 337 : LocalDate::daysIn($day->year, $day->month);
        $passed = $first->daysUntil($day);

        return $nth > 0 ? intdiv($passed, 7) + 1 === $nth : intdiv($length - 1 - $passed, 7) + 1 === -$nth;
    }
}
