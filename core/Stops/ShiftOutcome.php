<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\Rounding;

/**
 * What a shift came to (ISO 22400-2, time form): its OEE from the time of which something is known, and how much of
 * what was wanted that is. Time without data is taken out like a break, and never counts as running.
 */
final readonly class ShiftOutcome
{
    /**
     * @param  int  $wanted  seconds outside breaks and planned stops, up to now
     * @param  SpanSet  $gaps  of them, those without data
     */
    private function __construct(public Oee $oee, public int $wanted, public SpanSet $gaps)
    {
    }

    public static function of(ShiftFacts $facts, int $now): self
    {
        $past = Span::between(
            $facts->span->from,
            max($facts->span->from, min($facts->span->to, $now)),
        );
        $known = $facts->known();
        $unknown = SpanSet::of($past)->without($known);
        $time = LineTime::of($facts->breaks->with($unknown), $facts->plannedStops, $facts->lost);
        $wanted = LineTime::of($facts->breaks, $facts->plannedStops, SpanSet::of())->planned($past);
        $planned = $time->planned($past)->seconds();
        // Short stops came in some minute of the shift: they take from what ran, and no more than that.
        $run = max(0, $time->run($past)->seconds() - $facts->shortSeconds);
        $made = array_map(static fn (array $run): ProductRun => $run[1], $facts->runs);

        return new self(Oee::of($planned, $run, ...$made), $wanted->seconds(), $wanted->and($unknown));
    }

    /**
     * What of the shift belongs to one of its runs. Short stops are shared out by the time that each ran.
     *
     * @return array{int, int} seconds that were planned, and that it ran
     */
    public static function ofRun(ShiftFacts $facts, int $number, int $now): array
    {
        [$span] = $facts->runs[$number];
        $past = Span::between($span->from, max($span->from, min($span->to, $now)));
        $time = LineTime::of($facts->breaks, $facts->plannedStops, $facts->lost);
        $ran = $time->run($past)->seconds();
        $all = array_sum(array_map(
            static fn (array $run): int => $time->run($run[0])->seconds(),
            $facts->runs,
        ));
        $short = $all === 0 ? 0 : Rounding::divideDown($facts->shortSeconds * $ran, $all);

        return [$time->planned($past)->seconds(), max(0, $ran - $short)];
    }

    /** The share of the wanted time of which something is known; null where none was wanted. */
    public function covered(): ?float
    {
        return $this->wanted === 0 ? null : $this->oee->planned / $this->wanted;
    }
}
