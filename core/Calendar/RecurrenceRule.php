<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Generator;
use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * A recurrence rule over whole days, after RFC 5545 section 3.3.10.
 *
 * Months and years without the day are left out (unlike Interval, which clamps). A start that does not satisfy the
 * rule is
 * not an occurrence and does not count for COUNT. Weeks start on Monday unless WKST says otherwise; UNTIL is inclusive.
 */
final readonly class RecurrenceRule implements PlannedPoints
{
    /**
     * How many empty periods are searched before the rule is said to have no further occurrence (leap days: 8 years).
     */
    private const PATIENCE = 3000;

    /**
     * @param  list<WeekdayPick>  $byDay
     * @param  list<int>  $byMonthDay
     * @param  list<int>  $byMonth
     * @param  list<int>  $bySetPos
     */
    private function __construct(
        public LocalDate $start,
        public Frequency $frequency,
        public int $interval = 1,
        public array $byDay = [],
        public array $byMonthDay = [],
        public array $byMonth = [],
        public array $bySetPos = [],
        public ?int $count = null,
        public ?LocalDate $until = null,
        public int $weekStart = 1,
    ) {
    }

    /** The day from which it counts. */
    public function start(): LocalDate
    {
        return $this->start;
    }

    /**
     * Every n weeks on the given weekdays (1 Monday to 7 Sunday).
     *
     * @param  list<int>  $weekdays
     *
     * @throws InvalidInput when no weekday is given
     */
    public static function weekdays(LocalDate $start, int $everyWeeks, array $weekdays): self
    {
        if ($weekdays === []) {
            throw InvalidInput::nothingLeft('weekdays', 'Choose at least one weekday.');
        }

        return new self(
            $start,
            Frequency::Weekly,
            self::checkedInterval($everyWeeks),
            array_map(WeekdayPick::of(...), $weekdays),
        );
    }

    /**
     * The nth weekday of every n-th month: (2, 2) with every 3 is the second Tuesday each quarter; nth -1 is the
     * last.
     */
    public static function nthWeekday(LocalDate $start, int $everyMonths, int $nth, int $weekday): self
    {
        if ($nth < -1 || $nth > 5) {
            throw InvalidInput::outside('nth', $nth, -1, 5);
        }

        return new self($start, Frequency::Monthly, self::checkedInterval($everyMonths), [
            WeekdayPick::of($weekday, $nth),
        ]);
    }

    /** @throws InvalidInput when the text is no rule that this class knows; the field is the part's name */
    public static function parse(string $text, LocalDate $start): self
    {
        $part = [];
        foreach (explode(';', strtoupper(trim($text))) as $pair) {
            [$name, $value] = array_pad(explode('=', $pair, 2), 2, '');
            if (
                ! in_array(
                    $name,
                    ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'BYDAY', 'BYMONTHDAY', 'BYMONTH', 'BYSETPOS', 'WKST'],
                    true,
                ) ||
                $value === ''
            ) {
                throw InvalidInput::because(
                    'invalid_rule',
                    $name,
                    "“{$pair}” is no part of a rule that is understood here.",
                    $pair,
                );
            }
            $part[$name] = $value;
        }
        $frequency =
            Frequency::tryFrom($part['FREQ'] ?? '') ??
            throw InvalidInput::because('invalid_rule', 'FREQ', 'FREQ must be DAILY, WEEKLY, MONTHLY or YEARLY.');

        return new self(
            $start,
            $frequency,
            self::checkedInterval(self::wholes($part, 'INTERVAL', 1, 9999)[0] ?? 1),
            isset($part['BYDAY']) ? array_map(WeekdayPick::parse(...), explode(',', $part['BYDAY'])) : [],
            self::wholes($part, 'BYMONTHDAY', -31, 31),
            self::wholes($part, 'BYMONTH', 1, 12),
            self::wholes($part, 'BYSETPOS', -366, 366),
            self::wholes($part, 'COUNT', 1, 100000)[0] ?? null,
            isset($part['UNTIL']) ? self::untilDate($part['UNTIL']) : null,
            isset($part['WKST']) ? WeekdayPick::weekdayOf($part['WKST']) : 1,
        );
    }

    /**
     * Every occurrence in order, from the start; ends with COUNT, UNTIL, the year 9999, or when the rule can match
     * no more.
     *
     * @return Generator<int, LocalDate>
     */
    public function occurrences(): Generator
    {
        $made = 0;
        foreach ($this->fromPeriod(0) as $day) {
            if ($this->count !== null && $made++ >= $this->count) {
                return;
            }
            yield $day;
        }
    }

    /**
     * The first occurrence strictly after the day; starts its search in the period before it, not at the start of the
     * rule.
     */
    public function firstAfter(LocalDate $day): ?LocalDate
    {
        $days = $this->count === null ? $this->fromPeriod(max(0, $this->periodOf($day) - 1)) : $this->occurrences();
        foreach ($days as $occurrence) {
            if ($occurrence->isAfter($day)) {
                return $occurrence;
            }
        }

        return null;
    }

    /** The gap from the previous occurrence; of the first one, the gap to the next. */
    public function intervalBefore(LocalDate $point): int
    {
        $previous = null;
        $at = $this->periodOf($point);
        // Twice as far back each time: a rule of days in January rests for eleven months of them.
        for ($back = 1; $previous === null && $back < 2 * ($at + 1); $back *= 2) {
            foreach ($this->fromPeriod(max(0, $at - $back)) as $day) {
                if (! $day->isBefore($point)) {
                    break;
                }
                $previous = $day;
            }
        }
        if ($previous !== null) {
            return $previous->daysUntil($point);
        }
        $next = $this->firstAfter($point);

        return $next === null ? 1 : $point->daysUntil($next);
    }

    /** @return Generator<int, LocalDate> */
    private function fromPeriod(int $period): Generator
    {
        $empty = 0;
        for (; $empty < self::PATIENCE; $period++) {
            $set = $this->setOf($period);
            if ($set === null) {
                return;
            }
            $empty = $set === [] ? $empty + 1 : 0;
            foreach ($set as $day) {
                if ($this->until !== null && $day->isAfter($this->until)) {
                    return;
                }
                if (! $day->isBefore($this->start)) {
                    yield $day;
                }
            }
        }
    }

    /** The number of the period (0 holds the start) that a day lies in, rounded down. */
    private function periodOf(LocalDate $day): int
    {
        $months = ($day->year - $this->start->year) * 12 + $day->month - $this->start->month;

        return match ($this->frequency) {
            Frequency::Daily => Rounding::divideDown($this->start->daysUntil($day), $this->interval),
            Frequency::Weekly => Rounding::divideDown(
                $this->weekOf($this->start)->daysUntil($this->weekOf($day)),
                7 * $this->interval,
            ),
            Frequency::Monthly => Rounding::divideDown($months, $this->interval),
            Frequency::Yearly => Rounding::divideDown($day->year - $this->start->year, $this->interval),
        };
    }

    /**
     * @return list<LocalDate>|null the days of one period that the rule picks, in order; null past the calendar's
     *     end
     */
    private function setOf(int $period): ?array
    {
        $step = $period * $this->interval;
        $months = $this->start->year * 12 + $this->start->month - 1 + $step;
        $year = $this->frequency === Frequency::Yearly ? $this->start->year + $step : intdiv($months, 12);
        if (
            in_array($this->frequency, [Frequency::Monthly, Frequency::Yearly], true)
                ? $year > 9999
                : $step > 3000000
        ) {
            return null;
        }
        $days = match ($this->frequency) {
            Frequency::Daily => Period::run($this->start->plusDays($step), 1),
            Frequency::Weekly => Period::run($this->weekOf($this->start)->plusDays(7 * $step), 7),
            Frequency::Monthly => Period::month($year, ($months % 12) + 1),
            Frequency::Yearly => Period::year($year),
        };

        return $this->atPositions(array_values(array_filter($days, $this->matches(...))));
    }

    private function matches(LocalDate $day): bool
    {
        if ($this->byMonth !== [] && ! in_array($day->month, $this->byMonth, true)) {
            return false;
        }
        if (
            $this->byMonthDay !== [] &&
            ! in_array($day->day, $this->byMonthDay, true) &&
            ! in_array($day->day - LocalDate::daysIn($day->year, $day->month) - 1, $this->byMonthDay, true)
        ) {
            return false;
        }
        if ($this->byDay !== []) {
            return $this->matchesWeekday($day);
        }

        return match (true) {
            $this->frequency === Frequency::Weekly => $day->weekday() === $this->start->weekday(),
            $this->frequency === Frequency::Daily, $this->byMonthDay !== [] => true,
            $this->frequency === Frequency::Monthly => $day->day === $this->start->day,
            default => $day->day === $this->start->day &&
                ($this->byMonth !== [] || $day->month === $this->start->month),
        };
    }

    private function matchesWeekday(LocalDate $day): bool
    {
        $inYear = $this->frequency === Frequency::Yearly && $this->byMonth === [];
        foreach ($this->byDay as $pick) {
            if (
                $pick->weekday === $day->weekday() &&
                ($pick->nth === null || Period::isNth($day, $pick->nth, $inYear))
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<LocalDate>  $days
     * @return list<LocalDate>
     */
    private function atPositions(array $days): array
    {
        if ($this->bySetPos === []) {
            return $days;
        }
        $picked = [];
        foreach ($this->bySetPos as $position) {
            $at = $position > 0 ? $position - 1 : count($days) + $position;
            if (isset($days[$at])) {
                $picked[$at] = $days[$at];
            }
        }
        ksort($picked);

        return array_values($picked);
    }

    private function weekOf(LocalDate $day): LocalDate
    {
        return $day->plusDays(-(($day->weekday() - $this->weekStart + 7) % 7));
    }

    private static function checkedInterval(int $interval): int
    {
        return $interval >= 1 && $interval <= 9999
            ? $interval
            : throw InvalidInput::outside('every', $interval, 1, 9999);
    }

    /**
     * @param  array<string, string>  $part
     * @return list<int>
     */
    private static function wholes(array $part, string $name, int $least, int $most): array
    {
        $wholes = [];
        foreach (isset($part[$name]) ? explode(',', $part[$name]) : [] as $text) {
            $value = filter_var($text, FILTER_VALIDATE_INT);
            if ($value === false || $value === 0 || $value < $least || $value > $most) {
                throw InvalidInput::because(
                    'invalid_rule',
                    $name,
                    "{$name} takes whole numbers from {$least} to {$most}, not “{$text}”.",
                    $text,
                );
            }
            $wholes[] = $value;
        }

        return $wholes;
    }

    private static function untilDate(string $text): LocalDate
    {
        return LocalDate::parse(preg_replace('/^(\d{4})(\d{2})(\d{2}).*$/', '$1-$2-$3', $text) ?? '', 'UNTIL');
    }
}
