<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\InvalidInput;

/** A stretch of time in whole epoch seconds, half-open: [from, to). One that ends where it begins holds nothing. */
final readonly class Span
{
    private function __construct(public int $from, public int $to)
    {
    }

    /**
     * One that was given.
     *
     * @throws InvalidInput end_before_start
     */
    public static function between(int $from, int $to): self
    {
        return $to < $from
            ? throw InvalidInput::because('end_before_start', 'to', 'It cannot end before it begins.', $to)
            : new self($from, $to);
    }

    /**
     * One that may go on still: it is taken up to now; one that begins at now or after holds nothing yet.
     *
     * @throws InvalidInput end_before_start
     */
    public static function open(int $from, ?int $to, int $now): self
    {
        return $to === null ? new self($from, max($from, $now)) : self::between($from, $to);
    }

    public function seconds(): int
    {
        return $this->to - $this->from;
    }

    public function isEmpty(): bool
    {
        return $this->to === $this->from;
    }

    /** What both hold; nothing where they only touch. */
    public function cut(self $other): self
    {
        $from = max($this->from, $other->from);

        return new self($from, max($from, min($this->to, $other->to)));
    }

    public function holds(int $second): bool
    {
        return $second >= $this->from && $second < $this->to;
    }

    /** Whether both hold a second at least. */
    public function overlaps(self $other): bool
    {
        return ! $this->cut($other)->isEmpty();
    }
}
