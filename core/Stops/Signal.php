<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\InvalidInput;

/** What a machine said of itself: when, whether it runs, and what its counters showed. */
final readonly class Signal
{
    private function __construct(
        public int $at,
        public bool $runs,
        public ?int $counter,
        public ?int $rejected,
    ) {
    }

    /**
     * @param  string  $state  running or idle
     *
     * @throws InvalidInput state, negative_count
     */
    public static function of(int $at, string $state, ?int $counter = null, ?int $rejected = null): self
    {
        return match (true) {
            ! in_array($state, ['running', 'idle'], true) => throw InvalidInput::because(
                'state',
                'state',
                "“{$state}” is none of running and idle.",
                $state,
            ),
            min($counter ?? 0, $rejected ?? 0) < 0 => throw InvalidInput::because(
                'negative_count',
                'counter',
                'A counter shows 0 or more.',
            ),
            default => new self($at, $state === 'running', $counter, $rejected),
        };
    }

    /** Pieces from this to the next; one that shows less began anew at 0. Null: one of them shows nothing. */
    public function piecesTo(self $next): ?int
    {
        return self::between($this->counter, $next->counter);
    }

    public function rejectsTo(self $next): ?int
    {
        return self::between($this->rejected, $next->rejected);
    }

    private static function between(?int $from, ?int $to): ?int
    {
        return $from === null || $to === null ? null : ($to >= $from ? $to - $from : $to);
    }
}
