<?php

declare(strict_types=1);

namespace Sundial\Import;

/** How a file writes its days. Year-month-day (ISO 8601) is always understood. */
enum DateOrder: string
{
    case YearFirst = 'year first';
    case DayFirst = 'day first';
    case MonthFirst = 'month first';

    /**
     * The day as year-month-day, where it is one: "4.3.2026" is 2026-03-04 under DayFirst. Anything else comes back
     * as it was.
     */
    public function plain(string $typed): string
    {
        if (
            $this === self::YearFirst ||
            preg_match('~^(\d{1,2})([./-])(\d{1,2})\2(\d{4})(.*)$~Ds', trim($typed), $part) !== 1
        ) {
            return trim($typed);
        }
        [$day, $month] = $this === self::DayFirst ? [$part[1], $part[3]] : [$part[3], $part[1]];

        return sprintf('%s-%02d-%02d%s', $part[4], (int) $month, (int) $day, $part[5]);
    }
}
