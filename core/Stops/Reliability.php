<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * How reliable an asset was in a period (ISO 22400-2, EN 15341): required and down time, failures and their repairs. Of
 * several assets the times and the failures are added, then divided.
 */
final readonly class Reliability
{
    /** -ln(1 - 0.6): of the one-sided 60 % lower bound where nothing failed. */
    private const LOWER_60 = 0.916290731874155;

    private function __construct(
        public int $required,
        public int $down,
        public int $failures,
        public int $finished,
        public int $repair,
        public int $technical,
    ) {
    }

    /**
     * A failure counts in the period in which it starts, inside the required time or not, with its full length; one
     * that goes on has no repair time yet.
     *
     * @param  SpanSet  $required  of the period
     * @param  list<StoppedFor>  $stops
     * @param  list<int>  $failedAt  failures of which no stop is known
     */
    public static function of(Span $period, SpanSet $required, array $stops, array $failedAt = []): self
    {
        $down = SpanSet::of(...array_map(static fn (StoppedFor $one): Span => $one->span, $stops));
        $failures = StoppedFor::failures(...$stops);
        $counted = array_filter($failures, static fn (StoppedFor $one): bool => $period->holds($one->span->from));
        $over = array_filter($counted, static fn (StoppedFor $one): bool => ! $one->goesOn);
        $without = array_filter($failedAt, static fn (int $at): bool => $period->holds($at) &&
            array_filter($failures, static fn (StoppedFor $one): bool => $one->span->holds($at)) === []);

        return new self(
            $required->seconds(),
            $required->and($down)->seconds(),
            count($counted) + count($without),
            count($over),
            array_sum(array_map(static fn (StoppedFor $one): int => $one->span->seconds(), $over)),
            $required->and(self::technical($stops))->seconds(),
        );
    }

    /**
     * The same over some hours alone, such as those of a shift or of a product: what failed at another time is down
     * time alone here. Parts of one time may be added up.
     *
     * @param  SpanSet  $wanted  of the period
     */
    public static function begunIn(Span $period, SpanSet $wanted, StoppedFor ...$stops): self
    {
        return self::of($period, $wanted, array_values(array_map(
            static fn (StoppedFor $one): StoppedFor => $wanted->holds($one->span->from) ? $one : $one->asDownTime(),
            $stops,
        )));
    }

    /** What was added up elsewhere; times in seconds. */
    public static function counted(
        int $required,
        int $down,
        int $failures,
        int $finished,
        int $repair,
        int $technical,
    ): self {
        return new self($required, $down, $failures, $finished, $repair, $technical);
    }

    /** With what else it stood for in the same time. */
    public function withMore(self $other): self
    {
        return self::sum($this, new self(
            0,
            $other->down,
            $other->failures,
            $other->finished,
            $other->repair,
            $other->technical,
        ));
    }

    /** The same failures, over the times of others alone: those stretches of its period in which it was required. */
    public function requiredIn(self ...$stretches): self
    {
        $times = self::sum(...$stretches);

        return new self(
            $times->required,
            $times->down,
            $this->failures,
            $this->finished,
            $this->repair,
            $times->technical,
        );
    }

    /** The same time, with the failures of another alone: of one cause, as if it were the only one. */
    public function withFailuresOf(self $other): self
    {
        return new self(
            $this->required,
            $this->down,
            $other->failures,
            $other->finished,
            $other->repair,
            $this->technical,
        );
    }

    /** Required all the time, and nothing stood. */
    public static function without(int $required): self
    {
        return new self($required, 0, 0, 0, 0, 0);
    }

    /** @param  list<StoppedFor>  $stops */
    private static function technical(array $stops): SpanSet
    {
        $technical = array_filter($stops, static fn (StoppedFor $one): bool => $one->isTechnical);

        return SpanSet::of(...array_map(static fn (StoppedFor $one): Span => $one->span, array_values($technical)));
    }

    public static function sum(self ...$some): self
    {
        return array_reduce($some, static fn (self $sum, self $one): self => new self(
            $sum->required + $one->required,
            $sum->down + $one->down,
            $sum->failures + $one->failures,
            $sum->finished + $one->finished,
            $sum->repair + $one->repair,
            $sum->technical + $one->technical,
        ), new self(0, 0, 0, 0, 0, 0));
    }

    /** Seconds of the required time in which it could run. */
    public function operating(): int
    {
        return $this->required - $this->down;
    }

    /** Mean operating time between failures, in seconds; null without a failure. */
    public function mtbf(): ?float
    {
        return self::share($this->operating(), $this->failures);
    }

    /** Mean time to restoration, in seconds; null where none is over. */
    public function mttr(): ?float
    {
        return self::share($this->repair, $this->finished);
    }

    /** Operating over required time; null where none was required. */
    public function availability(): ?float
    {
        return self::share($this->operating(), $this->required);
    }

    /**
     * Operating over operating and the down time of failures and maintenance: a machine without yarn is not a broken
     * one. Null where neither is known.
     */
    public function technicalAvailability(): ?float
    {
        return self::share($this->operating(), $this->operating() + $this->technical);
    }

    /** MTBF / (MTBF + MTTR). */
    public function inherent(): ?float
    {
        [$mtbf, $mttr] = [$this->mtbf(), $this->mttr()];

        return $mtbf === null || $mttr === null || $mtbf + $mttr === 0.0 ? null : $mtbf / ($mtbf + $mttr);
    }

    /** Where nothing failed: the MTBF is above this with 60 % confidence; null where something did. */
    public function mtbfAbove(): ?float
    {
        return $this->failures > 0 ? null : $this->operating() / self::LOWER_60;
    }

    private static function share(int $part, int $whole): ?float
    {
        return $whole === 0 ? null : $part / $whole;
    }
}
