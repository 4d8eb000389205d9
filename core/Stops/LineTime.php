<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\InvalidInput;

/**
 * The time of a line: its breaks, planned stops, unplanned stops and changeovers, as sets of seconds that may overlap,
 * nest and cross the ends of shifts. Planned time is what a shift has outside breaks and planned stops; unplanned stops
 * and changeovers count only inside it (ISO 22400-2, time form).
 */
final readonly class LineTime
{
    private function __construct(private SpanSet $notPlanned, private SpanSet $lost)
    {
    }

    /**
     * @param  SpanSet  $breaks  and time without data, which is taken out like a break
     * @param  SpanSet  $lost  unplanned stops, and changeovers
     */
    public static function of(SpanSet $breaks, SpanSet $plannedStops, SpanSet $lost): self
    {
        return new self($breaks->with($plannedStops), $lost);
    }

    /** What was planned of a shift. */
    public function planned(Span $shift): SpanSet
    {
        return SpanSet::of($shift)->without($this->notPlanned);
    }

    /** What it ran of that. */
    public function run(Span $shift): SpanSet
    {
        return $this->planned($shift)->without($this->lost);
    }

    /** One that still goes on counts up to now only. */
    public function oee(Span $shift, int $now, ProductRun ...$made): Oee
    {
        $past = Span::between($shift->from, max($shift->from, min($shift->to, $now)));

        return Oee::of($this->planned($past)->seconds(), $this->run($past)->seconds(), ...$made);
    }

    /**
     * Shifts of one line follow each other.
     *
     * @throws InvalidInput overlapping_shifts
     */
    public static function checkShifts(Span ...$shifts): void
    {
        $shifts = array_values($shifts);
        usort($shifts, static fn (Span $a, Span $b): int => $a->from <=> $b->from);
        foreach ($shifts as $i => $shift) {
            if ($i > 0 && $shifts[$i - 1]->overlaps($shift)) {
                throw InvalidInput::because(
                    'overlapping_shifts',
                    'shift',
                    'Two shifts of a line share some time.',
                );
            }
        }
    }
}
