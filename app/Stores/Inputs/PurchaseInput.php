<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** What is bought from whom, delivered where, expected when. */
final readonly class PurchaseInput
{
    /** @param  non-empty-list<LineToBuy>  $lines */
    private function __construct(
        public int $supplierId,
        public int $storeId,
        public array $lines,
        public ?LocalDate $expectedOn,
        public ?string $note,
    ) {
    }

    /** @throws InvalidInput nothing */
    public static function from(int $supplierId, int $storeId, LineToBuy ...$lines): self
    {
        $lines = array_values($lines);

        return $lines === []
            ? throw InvalidInput::because('nothing', 'lines', 'Choose at least one line to buy.')
            : new self($supplierId, $storeId, $lines, null, null);
    }

    public function expected(?LocalDate $on, ?string $note = null): self
    {
        return new self($this->supplierId, $this->storeId, $this->lines, $on, $note);
    }
}
