<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/** Whether the parts of an order are there, over all its lines. */
final readonly class PartsReady
{
    /** @param  list<LineReady>  $lines */
    private function __construct(public array $lines)
    {
    }

    public static function of(LineReady ...$lines): self
    {
        return new self(array_values($lines));
    }

    public function isEmpty(): bool
    {
        return $this->lines === [];
    }

    /** @return list<LineReady> those that are not there */
    public function short(): array
    {
        return array_values(array_filter($this->lines, static fn (LineReady $one): bool => ! $one->isHere));
    }

    public function areHere(): bool
    {
        return $this->short() === [];
    }

    /** @return int of those that are not there, how many nobody ordered */
    public function notOrdered(): int
    {
        return count(array_filter($this->short(), static fn (LineReady $one): bool => ! $one->isOrdered));
    }

    /** The day on which the last of it is expected; null: of one of them nobody knows it. */
    public function allOn(): ?LocalDate
    {
        $last = null;
        foreach ($this->short() as $one) {
            if ($one->on === null) {
                return null;
            }
            $last = $last === null || $one->on->isAfter($last) ? $one->on : $last;
        }

        return $last;
    }
}
