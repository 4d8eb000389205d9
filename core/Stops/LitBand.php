<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * A line over time as a band of light: what ran, as high as its rate was against the ideal one; stops and breaks as
 * gaps in it; and time of which nothing is known. Each second of the shifts lies in one block.
 */
final readonly class LitBand
{
    /** @param  list<BandBlock>  $blocks  in order */
    private function __construct(public array $blocks)
    {
    }

    /**
     * @param  list<ShiftFacts>  $shifts
     * @param  list<array{Span, StopKind|null, int}>  $stops  from when to when, of which kind, and its number; the
     *                                                        first one that covers a second shows there
     */
    public static function of(array $shifts, array $stops, int $now): self
    {
        $blocks = [];
        foreach ($shifts as $shift) {
            $past = Span::between($shift->span->from, max($shift->span->from, min($shift->span->to, $now)));
            $stood = self::stood($past, $stops);
            $blocks = [...$blocks, ...$stood];
            $left = SpanSet::of($past)->without(
                SpanSet::of(...array_map(static fn (BandBlock $one): Span => $one->span, $stood)),
            );
            foreach ($left->and($shift->breaks)->spans() as $span) {
                $blocks[] = new BandBlock($span, BandLook::Rest);
            }
            $left = $left->without($shift->breaks);
            foreach (self::lit($left, $shift) as $block) {
                $blocks[] = $block;
            }
            foreach ($left->without($shift->known())->spans() as $span) {
                $blocks[] = new BandBlock($span, BandLook::Unknown);
            }
        }
        usort($blocks, static fn (BandBlock $a, BandBlock $b): int => $a->span->from <=> $b->span->from);

        return new self($blocks);
    }

    /**
     * @param  list<array{Span, StopKind|null, int}>  $stops
     * @return list<BandBlock>
     */
    private static function stood(Span $past, array $stops): array
    {
        $blocks = [];
        foreach (FirstCovering::of($past, array_column($stops, 0)) as [$shown, $place]) {
            [, $kind, $number] = $stops[$place];
            $blocks[] = new BandBlock($shown, BandLook::ofStop($kind), 0.0, $number);
        }

        return $blocks;
    }

    /** @return list<BandBlock> */
    private static function lit(SpanSet $left, ShiftFacts $shift): array
    {
        $blocks = [];
        foreach ($shift->runs as $i => [$span, $made]) {
            $ran = $left->within($span);
            $seconds = $ran->seconds();
            foreach ($ran->spans() as $shown) {
                $blocks[] = new BandBlock(
                    $shown,
                    BandLook::Lit,
                    $made->ideal()->toFloat() / $seconds,
                    $i,
                    $made->total === 0 ? 0.0 : $made->rejects / $made->total,
                );
            }
            $left = $left->without($ran);
        }

        return $blocks;
    }
}
