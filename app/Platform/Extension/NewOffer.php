<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** A line of "+ New". */
final readonly class NewOffer implements Offer
{
    public function __construct(
        public string $label,
        public string $href,
        private Right $right,
        private int $position,
    ) {
    }

    public function right(): Right
    {
        return $this->right;
    }

    public function position(): int
    {
        return $this->position;
    }
}
