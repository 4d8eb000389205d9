<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** A page of Setup: of one site, for its administrators, or the same at every site, for those of the plant. */
final readonly class SetupPage implements Offer
{
    private function __construct(
        public string $key,
        public string $title,
        public string $what,
        private Right $right,
        private int $position,
    ) {
    }

    public static function ofSite(string $key, string $title, string $what, int $position): self
    {
        return new self($key, $title, $what, Right::Administer, $position);
    }

    public static function ofPlant(string $key, string $title, string $what, int $position): self
    {
        return new self($key, $title, $what, Right::AdministerPlant, $position);
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
