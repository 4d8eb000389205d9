<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Sundial\Support\InvalidInput;

/** The calendar of a site: which weekdays rest every week, and which days rest besides (holidays, shut-downs). */
final readonly class WorkingDays
{
    /**
     * @param  array<int, true>  $restWeekdays
     * @param  array<int, true>  $restDays  by epoch day
     */
    private function __construct(private array $restWeekdays, private array $restDays)
    {
    }

    /** A calendar on which every day is worked. */
    public static function everyDay(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<int>  $restWeekdays  1 Monday to 7 Sunday
     * @param  list<LocalDate>  $restDays
     *
     * @throws InvalidInput when all seven weekdays rest
     */
    public static function except(array $restWeekdays, array $restDays = []): self
    {
        $weekdays = array_fill_keys($restWeekdays, true);
        if (count($weekdays) >= 7) {
            throw InvalidInput::nothingLeft('restWeekdays', 'At least one weekday has to be worked.');
        }

        return new self(
            $weekdays,
            array_fill_keys(array_map(static fn (LocalDate $day): int => $day->epochDay, $restDays), true),
        );
    }

    /** Whether the site works on this day. */
    public function isWorked(LocalDate $day): bool
    {
        return ! isset($this->restWeekdays[$day->weekday()]) && ! isset($this->restDays[$day->epochDay]);
    }

    /** Whether it rests by itself, whatever weekday it is. */
    public function isHoliday(LocalDate $day): bool
    {
        return isset($this->restDays[$day->epochDay]);
    }

    /** How many days of a week without holidays are worked. */
    public function inAWeek(): int
    {
        return 7 - count($this->restWeekdays);
    }

    /** How many days are worked from one day up to, but not on, another. */
    public function count(LocalDate $from, LocalDate $to): int
    {
        $worked = 0;
        for ($day = $from; $day->isBefore($to); $day = $day->plusDays(1)) {
            $worked += $this->isWorked($day) ? 1 : 0;
        }

        return $worked;
    }

    /**
     * The day moved off non-working days as told; the day itself when it is worked, or when nothing within a year is.
     */
    public function move(LocalDate $day, NonWorking $how): LocalDate
    {
        if ($how === NonWorking::Keep || $this->isWorked($day)) {
            return $day;
        }
        $back = $how === NonWorking::Forward ? null : $this->search($day, -1);
        $on = $how === NonWorking::Back ? null : $this->search($day, 1);
        if ($back !== null && $on !== null) {
            return $back->daysUntil($day) <= $day->daysUntil($on) ? $back : $on;
        }

        return $back ?? ($on ?? $day);
    }

    private function search(LocalDate $day, int $step): ?LocalDate
    {
        for ($i = 1; $i <= 366; $i++) {
            $candidate = $day->plusDays($i * $step);
            if ($this->isWorked($candidate)) {
                return $candidate;
            }
        }

        return null;
    }
}
