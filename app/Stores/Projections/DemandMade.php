<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Platform\Subject;
use App\Stores\Models\Stock;

/** What somebody asked of a part, and how much of it was there at once. */
final readonly class DemandMade
{
    /** @param  int  $atOnce  thousandths that were there for it */
    public function __construct(
        public Stock $stock,
        public Subject $for,
        public string $label,
        public int $atOnce,
    ) {
    }

    /** By which it is told from what others asked, and from other parts. */
    public function key(): string
    {
        return "{$this->for->kind} {$this->for->id} {$this->stock->part_id}";
    }
}
