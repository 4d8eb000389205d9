<?php

declare(strict_types=1);

namespace Sundial\Stops;

use DateTimeZone;
use Sundial\Calendar\ZoneTime;
use Sundial\Support\InvalidInput;

/** Times of the clock as they are said of a shift: after midnight they are of its next day, where it goes over it. */
final readonly class ShiftClock
{
    private function __construct(private Span $shift, private ZoneTime $zone)
    {
    }

    public static function of(Span $shift, DateTimeZone $zone): self
    {
        return new self($shift, ZoneTime::in($zone));
    }

    /**
     * A stretch within the shift, "06:00" to "14:00"; where it lies outside, so does what is returned.
     *
     * @throws InvalidInput not_a_time, end_before_start
     */
    public function stretch(string $from, string $to): Span
    {
        [$begins, $ends] = [$this->second($from, false, 'from'), $this->second($to, true, 'to')];

        return $ends < $begins
            ? throw InvalidInput::because('end_before_start', 'to', 'It cannot end before it begins.', $to)
            : Span::between($begins, $ends);
    }

    private function second(string $time, bool $isEnd, string $field): int
    {
        if (preg_match('/^([01]?\d|2[0-4]):([0-5]\d)$/', $time, $is) !== 1) {
            throw InvalidInput::because('not_a_time', $field, "Write a time such as 06:00, not “{$time}”.", $time);
        }
        $seconds = ((int) $is[1] * 60 + (int) $is[2]) * 60;
        $day = $this->zone->dateOf($this->shift->from);
        [$at, $next] = [$this->zone->instant($day, $seconds), $this->zone->instant($day->plusDays(1), $seconds)];
        $isBefore = $isEnd ? $at <= $this->shift->from : $at < $this->shift->from;

        return $isBefore && $next <= $this->shift->to ? $next : $at;
    }
}
