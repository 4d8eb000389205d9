<?php

declare(strict_types=1);

namespace Sundial\Costing;

/**
 * A sum of costs of which some may be unknown: what is known, in cents, and how many lines are not. A sum with an
 * unknown line is shown as such, never as if the line cost nothing.
 */
final readonly class CostSum
{
    private function __construct(public int $cents, public int $unknown)
    {
    }

    public static function none(): self
    {
        return new self(0, 0);
    }

    /** @param  int|null  ...$cents  null: what it costs is not known */
    public static function of(?int ...$cents): self
    {
        $known = array_filter($cents, is_int(...));

        return new self(array_sum($known), count($cents) - count($known));
    }

    /** What was added up already: the known cents, and how many lines are not known. */
    public static function added(int $cents, int $unknown): self
    {
        return new self($cents, $unknown);
    }

    public function plus(self $other): self
    {
        return new self($this->cents + $other->cents, $this->unknown + $other->unknown);
    }

    /** What is still to come of this sum once some of it is booked; never below nothing. */
    public function stillToCome(self $booked): self
    {
        return new self(max(0, $this->cents - $booked->cents), $this->unknown);
    }

    public function isKnown(): bool
    {
        return $this->unknown === 0;
    }

    /** Whether nothing stands in it at all. */
    public function isEmpty(): bool
    {
        return $this->cents === 0 && $this->unknown === 0;
    }
}
