<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Part;
use Sundial\Calendar\LocalDate;

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
        public array $saves,
        public ?LocalDate $shortFrom,
    ) {
    }

    /** What one costs in the money of the site, as a field shows it. */
    public function price(string $currency): string
    {
        return $this->part->priceIn($currency)?->plain() ?? '';
    }

    /** Whether what is ordered today comes too late for the first that needs it. */
    public function comesLate(LocalDate $today): bool
    {
        return $this->orderBy !== null && $today->isAfter($this->orderBy);
    }
}
