<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** What was recorded of a shift of a line: its time, its breaks, what stood, short stops in one, and what was made. */
final readonly class ShiftFacts
{
    /**
     * @param  list<array{Span, ProductRun}>  $runs
     * @param  int  $shortSeconds  of short stops that were entered as count and minutes
     */
    private function __construct(
        public Span $span,
        public SpanSet $breaks,
        public SpanSet $plannedStops,
        public SpanSet $lost,
        public array $runs,
        public int $shortSeconds,
    ) {
    }

    /** Breaks that were worked are left away by whoever asks. */
    public static function of(Span $span, Span ...$breaks): self
    {
        return new self($span, SpanSet::of(...$breaks), SpanSet::of(), SpanSet::of(), [], 0);
    }

    public function stood(SpanSet $planned, SpanSet $lost): self
    {
        return new self($this->span, $this->breaks, $planned, $lost, $this->runs, $this->shortSeconds);
    }

    /**
     * What stood, one by one: what was planned to is taken out of planned time, the rest is lost. What stood for less
     * than so many seconds is lost speed; what goes on still may last.
     *
     * @param  array{Span, bool, bool}  ...$stops  from when to when, whether it was planned, whether it goes on
     */
    public function stopped(int $speedBelow, array ...$stops): self
    {
        [$planned, $lost] = [[], []];
        foreach ($stops as [$span, $isPlanned, $goesOn]) {
            if (! $goesOn && $span->seconds() < $speedBelow) {
                continue;
            }
            $isPlanned ? $planned[] = $span : $lost[] = $span;
        }

        return $this->stood(SpanSet::of(...$planned), SpanSet::of(...$lost));
    }

    public function short(int $seconds): self
    {
        return new self($this->span, $this->breaks, $this->plannedStops, $this->lost, $this->runs, $seconds);
    }

    /** @param  array{Span, ProductRun}  ...$runs */
    public function made(array ...$runs): self
    {
        return new self(
            $this->span,
            $this->breaks,
            $this->plannedStops,
            $this->lost,
            array_values($runs),
            $this->shortSeconds,
        );
    }

    /** Time of which something is known: what was made in it, or that it stood. */
    public function known(): SpanSet
    {
        return SpanSet::of(...array_map(static fn (array $run): Span => $run[0], $this->runs))
            ->with($this->plannedStops)
            ->with($this->lost)
            ->within($this->span);
    }
}
