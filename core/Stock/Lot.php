<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/** A batch, or a piece with its serial number, on a shelf: how many thousandths of it, and until when it keeps. */
final readonly class Lot
{
    private function __construct(public string $name, public int $thousandths, public ?LocalDate $bestBefore)
    {
    }

    public static function of(string $name, int $thousandths, ?LocalDate $bestBefore = null): self
    {
        return new self($name, $thousandths, $bestBefore);
    }

    /** From the day after its last one on. */
    public function isPast(LocalDate $today): bool
    {
        return $this->bestBefore !== null && $today->isAfter($this->bestBefore);
    }
}
