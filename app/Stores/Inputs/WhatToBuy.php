<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Costing\UnitPrice;

/** Something that is bought by its name: how many of what, at which price. */
final readonly class WhatToBuy
{
    public function __construct(
        public ?int $partId,
        public string $name,
        public string $unit,
        public int $thousandths,
        public ?UnitPrice $price,
    ) {
    }
}
