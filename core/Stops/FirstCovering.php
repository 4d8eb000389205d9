<?php

declare(strict_types=1);

namespace Sundial\Stops;

use SplMinHeap;

/**
 * Which of many spans shows at each second of a stretch, where the first one that covers it wins. A sweep over where
 * they begin and end: n spans take n log n steps, however they overlap.
 */
final readonly class FirstCovering
{
    /**
     * @param  list<Span>  $spans  in the order in which they win
     * @return list<array{Span, int}> in order of time: each stretch, as long as it can be, and the place of its span
     */
    public static function of(Span $within, array $spans): array
    {
        [$begins, $ends, $edges] = [[], [], []];
        foreach ($spans as $place => $span) {
            $cut = $span->cut($within);
            if (! $cut->isEmpty()) {
                $begins[$cut->from][] = $place;
                $ends[$place] = $cut->to;
                $edges[$cut->from] = $edges[$cut->to] = true;
            }
        }
        ksort($edges);
        /** @var SplMinHeap<int> $open */
        $open = new SplMinHeap();
        $shown = [];
        [$showing, $since] = [null, $within->from];
        foreach (array_keys($edges) as $edge) {
            foreach ($begins[$edge] ?? [] as $place) {
                $open->insert($place);
            }
            while (! $open->isEmpty() && $ends[$open->top()] <= $edge) {
                $open->extract();
            }
            $first = $open->isEmpty() ? null : $open->top();
            if ($first === $showing) {
                continue;
            }
            if ($showing !== null) {
                $shown[] = [Span::between($since, $edge), $showing];
            }
            [$showing, $since] = [$first, $edge];
        }

        return $shown;
    }
}
