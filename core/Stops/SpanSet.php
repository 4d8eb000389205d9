<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * Stretches of time as a set of seconds: what overlaps or touches is one, so that nothing counts twice. Arithmetic of
 * sets: what either holds, what both hold, what one holds and the other does not.
 */
final readonly class SpanSet
{
    /** @param  list<Span>  $spans  in order, neither overlapping nor touching, none empty */
    private function __construct(private array $spans)
    {
    }

    /** In any order, overlapping or not. */
    public static function of(Span ...$spans): self
    {
        $spans = array_filter($spans, static fn (Span $one): bool => ! $one->isEmpty());
        usort($spans, static fn (Span $a, Span $b): int => $a->from <=> $b->from);
        $merged = [];
        foreach ($spans as $span) {
            $last = array_key_last($merged);
            if ($last !== null && $span->from <= $merged[$last]->to) {
                $merged[$last] = Span::between($merged[$last]->from, max($merged[$last]->to, $span->to));
            } else {
                $merged[] = $span;
            }
        }

        return new self($merged);
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return $this->spans;
    }

    public function seconds(): int
    {
        return array_sum(array_map(static fn (Span $one): int => $one->seconds(), $this->spans));
    }

    public function holds(int $second): bool
    {
        foreach ($this->spans as $span) {
            if ($span->holds($second)) {
                return true;
            }
        }

        return false;
    }

    /** What either holds. */
    public function with(self $other): self
    {
        return self::of(...$this->spans, ...$other->spans);
    }

    /** What lies within a stretch. */
    public function within(Span $span): self
    {
        return $this->and(self::of($span));
    }

    /** What both hold; linear in the two. */
    public function and(self $other): self
    {
        $both = [];
        [$i, $j] = [0, 0];
        while (isset($this->spans[$i], $other->spans[$j])) {
            $both[] = $this->spans[$i]->cut($other->spans[$j]);
            $this->spans[$i]->to <= $other->spans[$j]->to ? $i++ : $j++;
        }

        return self::of(...$both);
    }

    /** What it holds and the other does not; linear in the two. */
    public function without(self $other): self
    {
        $left = [];
        $j = 0;
        foreach ($this->spans as $span) {
            $from = $span->from;
            while (isset($other->spans[$j]) && $other->spans[$j]->to <= $from) {
                $j++;
            }
            for ($k = $j; isset($other->spans[$k]) && $other->spans[$k]->from < $span->to; $k++) {
                $left[] = Span::between($from, max($from, $other->spans[$k]->from));
                $from = max($from, $other->spans[$k]->to);
            }
            $left[] = Span::between($from, max($from, $span->to));
        }

        return self::of(...$left);
    }
}
