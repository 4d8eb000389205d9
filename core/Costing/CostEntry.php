<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Calendar\LocalDate;

/** What one asset or place carries of one line of cost, on the day on which it counts. */
final readonly class CostEntry
{
    private function __construct(
        public CostKind $kind,
        public int $source,
        public int $place,
        public SpentOn $on,
        public LocalDate $day,
        public ?int $cents,
        public int $seconds,
    ) {
    }

    /**
     * @param  int  $source  the line of its ledger
     * @param  int  $place  which of the order's assets or places carries it
     */
    public static function of(CostKind $kind, int $source, int $place, SpentOn $on): self
    {
        return new self($kind, $source, $place, $on, LocalDate::of(1970, 1, 1), 0, 0);
    }

    /** @param  int|null  $cents  null: unknown */
    public function amount(LocalDate $day, ?int $cents, int $seconds): self
    {
        return new self($this->kind, $this->source, $this->place, $this->on, $day, $cents, $seconds);
    }

    /** The same line carried by the same one: entries of one key add up. */
    public function key(): string
    {
        return "{$this->kind->value} {$this->source} {$this->place} {$this->on->value}";
    }
}
