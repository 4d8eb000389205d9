<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Purchase;
use Sundial\Access\Right;

/** Who sees a purchase, and who buys. */
final readonly class PurchasePolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Purchase $purchase): bool
    {
        return $person->may(Right::SeePlant, $purchase->site_id) &&
            $this->site->holds($purchase->site_id, $person->id);
    }

    public function buy(User $person, Purchase $purchase): bool
    {
        return $person->may(Right::KeepStores, $purchase->site_id) &&
            $this->site->holds($purchase->site_id, $person->id);
    }
}
