<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;

/** What was agreed with a contractor who sends people: who, what an hour costs, under which number, until when. */
final readonly class Contracted
{
    public function __construct(
        public int $supplierId,
        public HourlyRate $rate,
        public ?string $agreement = null,
        public ?LocalDate $validUntil = null,
    ) {
    }

    /** @return array{supplier_id: int, rate: string, agreement: string|null, valid_until: string|null} */
    public function row(): array
    {
        return [
            'supplier_id' => $this->supplierId,
            'rate' => $this->rate->plain(),
            'agreement' => $this->agreement,
            'valid_until' => $this->validUntil === null ? null : (string) $this->validUntil,
        ];
    }
}
