<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Stringable;
use Sundial\Support\InvalidInput;

/**
 * A day of the proleptic Gregorian calendar, with no time and no zone: what a wall calendar on the site shows.
 *
 * Kept as a count of days since 1970-01-01, so that differences are whole days and no daylight-saving change can
 * touch them.
 * Conversion between day count and year, month, day: the era method (400-year cycles of 146 097 days, year begun on
 * 1 March).
 */
final readonly class LocalDate implements Stringable
{
    /** Months as sentences and pictures name them, January first. */
    public const MONTHS = [1 => 'Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    private function __construct(public int $epochDay, public int $year, public int $month, public int $day)
    {
    }

    /** @throws InvalidInput if there is no such day (30 February) or the year is outside 1 to 9999 */
    public static function of(int $year, int $month, int $day): self
    {
        if (
            $year < 1 ||
            $year > 9999 ||
            $month < 1 ||
            $month > 12 ||
            $day < 1 ||
            $day > self::daysIn($year, $month)
        ) {
            throw InvalidInput::date(sprintf('%04d-%02d-%02d', $year, $month, $day));
        }

        return new self(self::count($year, $month, $day), $year, $month, $day);
    }

    /** The day cut to the length of the month: clamped(2026, 2, 31) is 28 February 2026. */
    public static function clamped(int $year, int $month, int $day): self
    {
        return self::of($year, $month, min($day, self::daysIn($year, $month)));
    }

    /** @throws InvalidInput unless the text is YYYY-MM-DD and such a day exists */
    public static function parse(string $iso, ?string $field = null): self
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $iso, $part) !== 1) {
            throw InvalidInput::date($iso, $field);
        }
        if ((int) $part[1] < 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw InvalidInput::date($iso, $field);
        }

        return self::of((int) $part[1], (int) $part[2], (int) $part[3]);
    }

    /** The day that lies $epochDay days after 1970-01-01. */
    public static function ofEpochDay(int $epochDay): self
    {
        $z = $epochDay + 719468;
        $era = intdiv($z >= 0 ? $z : $z - 146096, 146097);
        $dayOfEra = $z - $era * 146097;
        $yearOfEra = intdiv(
            $dayOfEra - intdiv($dayOfEra, 1460) + intdiv($dayOfEra, 36524) - intdiv($dayOfEra, 146096),
            365,
        );
        $dayOfYear = $dayOfEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $shifted = intdiv(5 * $dayOfYear + 2, 153);
        $month = $shifted < 10 ? $shifted + 3 : $shifted - 9;
        $year = $yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0);

        return new self($epochDay, $year, $month, $dayOfYear - intdiv(153 * $shifted + 2, 5) + 1);
    }

    /** How many days the month has. */
    public static function daysIn(int $year, int $month): int
    {
        if ($month === 2) {
            return $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0) ? 29 : 28;
        }

        return in_array($month, [4, 6, 9, 11], true) ? 30 : 31;
    }

    /** The day so many days on; negative goes back. */
    public function plusDays(int $days): self
    {
        $day = $this->day + $days;

        // Within the month nothing else changes; 28 days are in every month.
        return $day >= 1 && $day <= 28
            ? new self($this->epochDay + $days, $this->year, $this->month, $day)
            : self::ofEpochDay($this->epochDay + $days);
    }

    /** The same day n months on (or back), cut to the length of that month: 31 January plus 1 is 28 or 29 February. */
    public function plusMonthsClamped(int $months): self
    {
        $count = $this->year * 12 + $this->month - 1 + $months;

        return self::clamped(intdiv($count, 12), ($count % 12) + 1, $this->day);
    }

    /** Days from this day to the other; negative when the other is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->epochDay - $this->epochDay;
    }

    /** 1 for Monday to 7 for Sunday (ISO 8601). */
    public function weekday(): int
    {
        return (((($this->epochDay + 3) % 7) + 7) % 7) + 1;
    }

    /** The first day of this month. */
    public function firstOfMonth(): self
    {
        return self::of($this->year, $this->month, 1);
    }

    /** Whether this day lies before the other. */
    public function isBefore(self $other): bool
    {
        return $this->epochDay < $other->epochDay;
    }

    /** Whether this day lies after the other. */
    public function isAfter(self $other): bool
    {
        return $this->epochDay > $other->epochDay;
    }

    /** Whether both are the same day. */
    public function is(self $other): bool
    {
        return $this->epochDay === $other->epochDay;
    }

    /** The later of two days. */
    public static function later(self $one, self $other): self
    {
        return $one->isBefore($other) ? $other : $one;
    }

    /** The earlier of two days. */
    public static function earlier(self $one, self $other): self
    {
        return $one->isAfter($other) ? $other : $one;
    }

    /** As sentences say it: 20 Mar 2026. */
    public function inWords(): string
    {
        return "{$this->day} {$this->monthInWords()} {$this->year}";
    }

    /** Mar */
    public function monthInWords(): string
    {
        return self::MONTHS[$this->month];
    }

    public function __toString(): string
    {
        return sprintf('%04d-%02d-%02d', $this->year, $this->month, $this->day);
    }

    private static function count(int $year, int $month, int $day): int
    {
        $y = $month <= 2 ? $year - 1 : $year;
        $era = intdiv($y >= 0 ? $y : $y - 399, 400);
        $yearOfEra = $y - $era * 400;
        $dayOfYear = intdiv(153 * ($month > 2 ? $month - 3 : $month + 9) + 2, 5) + $day - 1;

        return $era * 146097 +
            $yearOfEra * 365 +
            intdiv($yearOfEra, 4) -
            intdiv($yearOfEra, 100) +
            $dayOfYear -
            719468;
    }
}
