<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** A command: found by its words, given by its keys. */
final readonly class Command implements Offer
{
    public function __construct(
        public string $label,
        public string $href,
        public string $keys,
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
