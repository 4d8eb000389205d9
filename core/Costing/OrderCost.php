<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** What an order costs by kind: one of planned, committed and booked. */
final readonly class OrderCost
{
    private function __construct(public CostSum $labour, public CostSum $parts, public CostSum $services)
    {
    }

    public static function of(CostSum $labour, CostSum $parts, CostSum $services): self
    {
        return new self($labour, $parts, $services);
    }

    /** All kinds together: they always add up. */
    public function total(): CostSum
    {
        return $this->labour->plus($this->parts)->plus($this->services);
    }
}
