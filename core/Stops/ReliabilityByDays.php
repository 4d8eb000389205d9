<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * The reliability of an asset that is wanted round the clock, put together from what is kept of whole days (UTC), from
 * the stops at both ends of the period, and from what goes on. Its stops follow each other, so that their seconds add
 * up. All in epoch seconds.
 */
final readonly class ReliabilityByDays
{
    private function __construct(public Span $period, public Span $whole)
    {
    }

    public static function of(Span $period, int $now): self
    {
        return new self($period, WholeDays::of($period, $now));
    }

    /** Whether the period has whole days worth adding up. */
    public static function fits(Span $period): bool
    {
        return WholeDays::fit($period);
    }

    /** What is kept of whole days, of stops of one kind that are over: how many began, and their seconds. */
    public function ofDays(?StopKind $kind, int $begun, int $seconds): Reliability
    {
        return $this->counted($kind, $seconds, $begun, $begun, $seconds);
    }

    /**
     * What a stop that is over adds beyond the whole days. Of one that began before the period nothing is its repair;
     * of one that outlasts it, all is.
     */
    public function atAnEnd(?StopKind $kind, Span $stop): Reliability
    {
        $inside = $stop->cut($this->period)->seconds();
        $down = $inside - $stop->cut($this->whole)->seconds();
        $isCounted = $this->period->holds($stop->from);
        $begun = $isCounted && ! $this->whole->holds($stop->from) ? 1 : 0;

        return $this->counted($kind, $down, $begun, $begun, $down + ($isCounted ? $stop->seconds() : 0) - $inside);
    }

    /** One that goes on, up to now: it has no repair yet. */
    public function goingOn(?StopKind $kind, Span $stop): Reliability
    {
        $begun = $this->period->holds($stop->from) ? 1 : 0;

        return $this->counted($kind, $stop->cut($this->period)->seconds(), $begun, 0, 0);
    }

    private function counted(?StopKind $kind, int $down, int $begun, int $finished, int $repair): Reliability
    {
        $fails = $kind?->isFailure() ?? false;

        return Reliability::counted(
            $this->period->seconds(),
            $down,
            $fails ? $begun : 0,
            $fails ? $finished : 0,
            $fails ? $repair : 0,
            $kind?->isTechnical() ?? false ? $down : 0,
        );
    }
}
