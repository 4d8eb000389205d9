<?php

declare(strict_types=1);

namespace Sundial\Stops;

use DateTimeZone;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\ZoneTime;

/**
 * When an asset is wanted: round the clock, or in windows of the week in the local time of its site. A window belongs
 * to the date on which it starts and is dropped when that is closed; one that ends no later than it starts ends on the
 * next day. Its edges are turned into instants one by one: in a night of the clock change it has 7 or 9 hours.
 */
final readonly class RequiredTime
{
    /**
     * @param  array<int, list<array{string, string}>>|null  $windows  from and to, by weekday; null: round the clock
     * @param  array<string, true>  $closed  by date
     */
    private function __construct(private ?array $windows, private array $closed, private ?DateTimeZone $zone)
    {
    }

    public static function roundTheClock(): self
    {
        return new self(null, [], null);
    }

    /**
     * @param  list<array{int, string, string}>  $windows  weekday (1 Monday to 7), from and to ("22:00", "24:00")
     * @param  list<string>  $closed  dates
     */
    public static function weekly(DateTimeZone $zone, array $windows, array $closed): self
    {
        $by = [];
        foreach ($windows as [$day, $from, $to]) {
            $by[$day][] = [$from, $to];
        }

        return new self($by, array_fill_keys($closed, true), $zone);
    }

    public function within(Span $period): SpanSet
    {
        if ($this->windows === null || $this->zone === null) {
            return SpanSet::of($period);
        }
        $spans = [];
        $last = self::dateOf($period->to, $this->zone);
        for ($day = self::dateOf($period->from, $this->zone)->plusDays(-1); ! $day->isAfter($last);) {
            foreach (isset($this->closed[(string) $day]) ? [] : $this->windows[$day->weekday()] ?? [] as [$from, $to]) {
                $start = self::instant($day, $from, $this->zone);
                $end = self::instant($to > $from ? $day : $day->plusDays(1), $to, $this->zone);
                $spans[] = Span::between($start, max($start, $end));
            }
            $day = $day->plusDays(1);
        }

        return SpanSet::of(...$spans)->within($period);
    }

    /** The epoch second at which a date begins in a zone. */
    public static function midnight(LocalDate $day, DateTimeZone $zone): int
    {
        return self::instant($day, '00:00', $zone);
    }

    /** @param  string  $time  "06:30"; "24:00" is midnight at its end */
    private static function instant(LocalDate $day, string $time, DateTimeZone $zone): int
    {
        if ($time === '24:00') {
            return self::instant($day->plusDays(1), '00:00', $zone);
        }
        [$hours, $minutes] = array_map(intval(...), explode(':', $time));

        return ZoneTime::in($zone)->instant($day, ($hours * 60 + $minutes) * 60);
    }

    private static function dateOf(int $second, DateTimeZone $zone): LocalDate
    {
        return ZoneTime::in($zone)->dateOf($second);
    }
}
