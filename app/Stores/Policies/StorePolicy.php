<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Store;
use Sundial\Access\Right;

/** Who keeps a store, and who administers it: within its site. */
final readonly class StorePolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function keep(User $person, Store $store): bool
    {
        return $person->may(Right::KeepStores, $store->site_id) && $this->site->holds($store->site_id, $person->id);
    }

    public function administer(User $person, Store $store): bool
    {
        return $person->may(Right::Administer, $store->site_id) && $this->site->holds($store->site_id, $person->id);
    }
}
