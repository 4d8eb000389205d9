<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\People\Models\User;
use App\Register\Models\Meter;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;

/** The meters of a site, those read longest ago first. */
final readonly class MeterIndex
{
    public function __construct(private VisibleLines $reach)
    {
    }

    /** @return Collection<int, Meter> */
    public function __invoke(int $siteId, User $person): Collection
    {
        return Meter::query()
            ->where('site_id', $siteId)
            ->whereIn(
                'asset_id',
                fn (Builder $assets) => $this->reach->within(
                    $assets->from('assets')->where('site_id', $siteId)->select('id'),
                    $person,
                    'path',
                ),
            )
            ->with('asset:id,tag,name')
            ->orderByRaw('last_at IS NOT NULL')
            ->orderBy('last_at')
            ->orderBy('id')
            ->limit(200)
            ->get();
    }
}
