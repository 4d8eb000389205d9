<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\StockCount;
use Sundial\Access\Right;

/** Who sees a count, and who counts. */
final readonly class StockCountPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, StockCount $count): bool
    {
        return $person->may(Right::SeePlant, $count->site_id) && $this->site->holds($count->site_id, $person->id);
    }

    public function count(User $person, StockCount $count): bool
    {
        return $person->may(Right::KeepStores, $count->site_id) && $this->site->holds($count->site_id, $person->id);
    }
}
