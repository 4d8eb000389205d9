<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** A place of the rail. */
final readonly class RailPlace implements Offer
{
    /**
     * @param  string  $key  the word by which pages say that they belong to it
     * @param  string  $icon  lines of its picture, as an SVG path in a field of 24
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $href,
        public string $icon,
        private ?Right $right,
        private int $position,
        public bool $atFoot = false,
    ) {
    }

    public function right(): ?Right
    {
        return $this->right;
    }

    public function position(): int
    {
        return $this->position;
    }
}
