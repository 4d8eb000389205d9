<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Models\Supplier;
use App\Stores\Demand\WantedIn;
use App\Stores\Models\Store;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\ToBuy;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Lines;

/** What the whole page of buying stands on: what should be bought, by supplier, and which suppliers and stores are. */
final readonly class BuyingKnown
{
    /**
     * @param  array<int, array{shelf?: list<Proposal>, orders?: list<WantedIn>}>  $by
     * @param  Lines<int, Supplier>  $suppliers
     * @param  Collection<int, Store>  $stores
     */
    public function __construct(
        public ToBuy $toBuy,
        public array $by,
        public Lines $suppliers,
        public Collection $stores,
    ) {
    }
}
