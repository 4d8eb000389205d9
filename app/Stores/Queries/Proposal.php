<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Part;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;

/** A part that should be bought: how much of it, from whom, why, and what else waits for it. */
final readonly class Proposal
{
    /**
     * @param  list<array{string, string}>  $saves  what would do without, and where it stands
     */
    public function __construct(
        public Part $part,
        public int $storeId,
        public int $thousandths,
        public ?LocalDate $orderBy,
        public ProposalFigures $figures,
        public ?LocalDate $shortFrom,
        public array $saves = [],
        private ?UnitPrice $agreed = null,
        private ?string $currency = null,
    ) {
    }

    /** As the supplier agreed: at their price, and no fewer than they sell. */
    public function agreed(?UnitPrice $price, ?string $currency, int $least): self
    {
        return new self(...[
            ...get_object_vars($this),
            'agreed' => $price,
            'currency' => $currency,
            'thousandths' => max($least, $this->thousandths),
        ]);
    }

    /** @param  list<array{string, string}>  $saves  what would do without, and where it stands */
    public function saving(array $saves): self
    {
        return new self(...[...get_object_vars($this), 'saves' => $saves]);
    }

    /** In whole packs, where it is bought in such. */
    public function packed(): self
    {
        return new self(...[
            ...get_object_vars($this),
            'thousandths' => $this->part->bought()?->roundUp($this->thousandths) ?? $this->thousandths,
        ]);
    }

    /** What one costs in the money of the site, as a field shows it. */
    public function price(string $currency): string
    {
        $price = $this->currency === $currency ? $this->agreed : null;

        return ($price ?? $this->part->priceIn($currency))?->plain() ?? '';
    }

    /** Whether what is ordered today comes too late for the first that needs it. */
    public function comesLate(LocalDate $today): bool
    {
        return $this->orderBy !== null && $today->isAfter($this->orderBy);
    }
}
