<?php

declare(strict_types=1);

namespace App\Stores\Queries;

/** From what it was decided that a part is bought, in thousandths. */
final readonly class ProposalFigures
{
    /**
     * @param  int  $short  for approved orders
     * @param  int  $ahead  what visits and planned orders of the window take
     * @param  int|null  $point  null: it is bought only when it is short
     */
    public function __construct(
        public int $short,
        public int $ahead,
        public int $free,
        public int $onOrder,
        public ?int $point,
    ) {
    }
}
