<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use App\Platform\Subject;
use App\Stores\Inputs\WhatToBuy;

/** So many of something that is bought for one record alone, with the line of its plan. */
final readonly class WantedIn
{
    public function __construct(
        public Subject $for,
        public string $label,
        public string $href,
        public int $line,
        public WhatToBuy $what,
        public ?int $supplierId,
        public ?string $neededOn,
    ) {
    }

    /** As a form names it. */
    public function key(): string
    {
        return "{$this->for->kind}-{$this->line}";
    }
}
