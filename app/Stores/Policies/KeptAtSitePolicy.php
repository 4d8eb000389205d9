<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Movement;
use App\Stores\Models\PartRepair;
use App\Stores\Models\StockLot;
use App\Stores\Models\Tool;
use Sundial\Access\Right;

/** What lies in the stores of a site: seen by whoever sees its plant, kept by whoever keeps its stores. */
final readonly class KeptAtSitePolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Movement|PartRepair|StockLot|Tool $one): bool
    {
        return $this->may($person, Right::SeePlant, $one->site_id);
    }

    public function keep(User $person, Movement|PartRepair|StockLot|Tool $one): bool
    {
        return $this->may($person, Right::KeepStores, $one->site_id);
    }

    private function may(User $person, Right $right, int $siteId): bool
    {
        return $person->may($right, $siteId) && $this->site->holds($siteId, $person->id);
    }
}
