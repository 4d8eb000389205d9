<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Calendar\LocalDate;

/**
 * How a counter stands: its last total, and when it will come to another.
 *
 * Expected date = day of the last reading + (due total - last total) / rate, rounded down to a whole day. The early
 * and late dates take the
 * 90th and the 10th percentile of earlier rates (a rate of 0: no late date).
 */
final readonly class CounterStanding
{
    /** @param  array{LocalDate, int}|null  $since */
    private function __construct(
        public LocalDate $day,
        public int $total,
        public ?Rate $rate,
        public RateFrom $from,
        public ?Rate $fast,
        public ?Rate $slow,
        public ?array $since,
    ) {
    }

    /**
     * @param  LocalDate  $day  of the last reading
     * @param  int  $total  of the last reading, thousandths
     * @param  Rate|null  $fast  90th percentile of earlier rates, null while there are fewer than four
     * @param  Rate|null  $slow  10th percentile
     * @param  array{LocalDate, int}|null  $since  the first reading within the window, from which the rate is counted:
     *     its day and total
     */
    public static function of(
        LocalDate $day,
        int $total,
        ?Rate $rate,
        RateFrom $from,
        ?Rate $fast = null,
        ?Rate $slow = null,
        ?array $since = null,
    ): self {
        return new self($day, $total, $rate, $from, $fast, $slow, $since);
    }

    /** The day on which a total is expected; null without a rate. */
    public function expected(int $total): ?LocalDate
    {
        return $this->by($this->rate, $total);
    }

    /** The day by which it may come early; null when too little is known. */
    public function earliest(int $total): ?LocalDate
    {
        return $this->by($this->fast, $total);
    }

    /** The day until which it may take; null when too little is known, or when it may stand still. */
    public function latest(int $total): ?LocalDate
    {
        return $this->by($this->slow, $total);
    }

    /** The total expected on a day not before the last reading. */
    public function on(LocalDate $day): int
    {
        return $this->total + ($this->rate?->over(max(0, $this->day->daysUntil($day))) ?? 0);
    }

    /**
     * The same after one more reading of its last day, seen from that day: no rate between days at least a week apart
     * comes to an end by it, and the rate of the window reaches up to the new total.
     */
    public function laterThatDay(int $total): self
    {
        $rate =
            $this->since === null
                ? $this->rate
                : Rate::of($total - $this->since[1], max(1, $this->since[0]->daysUntil($this->day)));

        return new self($this->day, $total, $rate, $this->from, $this->fast, $this->slow, $this->since);
    }

    private function by(?Rate $rate, int $total): ?LocalDate
    {
        $days = $rate?->daysFor(max(0, $total - $this->total));

        return $days === null ? null : $this->day->plusDays($days);
    }
}
