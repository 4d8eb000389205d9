<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Illuminate\Database\Eloquent\Collection;

/** The meters of a site, those read longest ago first. */
final class MeterIndex
{
    /** @return Collection<int, Meter> */
    public function __invoke(int $siteId): Collection
    {
        return Meter::query()->where('site_id', $siteId)->with('asset:id,tag,name')->orderByRaw('last_at IS NOT NULL')->orderBy('last_at')->orderBy('id')->limit(200)->get();
    }
}
