<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** A stop of an asset as its reliability sees it: from when to when, whether it failed, whether it goes on. */
final readonly class StoppedFor
{
    private function __construct(
        public Span $span,
        public bool $failed,
        public bool $goesOn,
        public bool $isTechnical,
    ) {
    }

    /** By its kind; null: nobody said why, so that it is down time alone. */
    public static function ofKind(?StopKind $kind, int $from, ?int $to, int $now): self
    {
        return new self(
            Span::open($from, $to, $now),
            $kind?->isFailure() ?? false,
            $to === null,
            $kind?->isTechnical() ?? false,
        );
    }

    public static function failure(int $from, ?int $to, int $now): self
    {
        return self::ofKind(StopKind::Failure, $from, $to, $now);
    }

    /** No yarn, no order, a changeover: down time, and no failure of the asset. */
    public static function other(int $from, ?int $to, int $now): self
    {
        return self::ofKind(null, $from, $to, $now);
    }

    /** The same stretch as down time alone, for whoever looks at another cause. */
    public function asDownTime(): self
    {
        return new self($this->span, false, $this->goesOn, $this->isTechnical);
    }

    /**
     * Failures that overlap are one, from the first start to the last end; those that only touch are two.
     *
     * @return list<self> in order
     */
    public static function failures(self ...$stops): array
    {
        $failures = array_filter($stops, static fn (self $one): bool => $one->failed);
        usort($failures, static fn (self $a, self $b): int => [$a->span->from, $a->span->to] <=> [
            $b->span->from,
            $b->span->to,
        ]);
        $merged = [];
        foreach ($failures as $one) {
            $last = array_key_last($merged);
            if ($last !== null && $one->span->from < $merged[$last]->span->to) {
                $merged[$last] = new self(
                    Span::between($merged[$last]->span->from, max($merged[$last]->span->to, $one->span->to)),
                    true,
                    $merged[$last]->goesOn || $one->goesOn,
                    true,
                );
            } else {
                $merged[] = $one;
            }
        }

        return $merged;
    }
}
