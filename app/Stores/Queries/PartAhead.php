<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\PartDemand;
use Sundial\Stock\FreeStair;

/** What is ahead of a part at a site. */
final readonly class PartAhead
{
    /** @param  list<PartDemand>  $takes  first day first */
    public function __construct(
        public int $id,
        public string $name,
        public ?int $leadDays,
        public array $takes,
        public FreeStair $stair,
    ) {
    }

    /** @return list<PartDemand> what is without it, as things stand */
    public function without(): array
    {
        return array_values(
            array_filter($this->takes, fn (PartDemand $one): bool => $this->stair->on($one->on) < 0),
        );
    }
}
