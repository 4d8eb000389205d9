<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Models\Supplier;
use App\Stores\Demand\WantedIn;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\ToBuy;
use Illuminate\Support\Collection;

/** What should be bought, by supplier, in the order in which they are named. */
final readonly class BuyingBySupplier
{
    /** So many lines are shown in full, by whole suppliers; of the suppliers beyond it is said how much is to buy. */
    private const LINES = 40;

    /**
     * @param  array<int, array{shelf?: list<Proposal>, orders?: list<WantedIn>}>  $by
     * @param  Collection<int, Supplier>  $suppliers
     */
    public function __construct(
        public ToBuy $toBuy,
        public array $by,
        public Collection $suppliers,
    ) {
    }

    /**
     * The suppliers whose lines are shown: the one that was chosen, or the first as far as the page goes.
     *
     * @return list<int>
     */
    public function shown(?int $supplierId): array
    {
        if ($supplierId !== null && isset($this->by[$supplierId])) {
            return [$supplierId];
        }
        $shown = [];
        $lines = 0;
        foreach (array_keys($this->by) as $id) {
            $lines += $this->lines($id);
            if ($shown !== [] && $lines > self::LINES) {
                break;
            }
            $shown[] = $id;
        }

        return $shown;
    }

    /** How much is to buy from a supplier. */
    public function lines(int $supplierId): int
    {
        return count($this->by[$supplierId]['shelf'] ?? []) + count($this->by[$supplierId]['orders'] ?? []);
    }

    /** How many of them run short. */
    public function late(int $supplierId): int
    {
        return count(array_filter(
            $this->by[$supplierId]['shelf'] ?? [],
            static fn (Proposal $one): bool => $one->shortFrom !== null,
        ));
    }

    /** What a group of lines is called; those of no supplier stand under zero. */
    public function name(int $supplierId): string
    {
        return $this->suppliers->firstWhere('id', $supplierId)->name ?? 'No supplier named';
    }
}
