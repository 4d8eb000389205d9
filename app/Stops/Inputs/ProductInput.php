<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

/** What was said of a product. */
final readonly class ProductInput
{
    public function __construct(
        public string $number,
        public string $name,
        public string $unit,
        public bool $retired = false,
    ) {
    }

    /** @return array<string, mixed> */
    public function facts(): array
    {
        return get_object_vars($this);
    }
}
