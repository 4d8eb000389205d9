<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;

/** Where pieces go for repair, when they are expected back, and what they came off; null: they lay on the shelf. */
final readonly class SentForRepair
{
    public function __construct(
        public ?int $supplierId,
        public ?LocalDate $expectedOn,
        public ?string $cameOff,
        public LotsTyped $lots,
    ) {
    }
}
