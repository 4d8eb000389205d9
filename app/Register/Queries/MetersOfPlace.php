<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\People\Models\User;
use App\Register\Models\Meter;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The meters of a place, or of the whole site, in the order of a walk. */
final readonly class MetersOfPlace
{
    public function __construct(private VisibleLines $lines)
    {
    }

    /** @return Collection<int, Meter> those that a person may see */
    public function __invoke(int $siteId, ?int $place, User $person): Collection
    {
        $path =
            $place === null
                ? null
                : DB::table('locations')->where('site_id', $siteId)->where('id', $place)->value('path');

        $meters = Meter::query()->with('asset:id,tag,name');
        $meters
            ->where('meters.site_id', $siteId)
            ->when(
                $path !== null,
                static fn ($some) => $some->whereIn(
                    'asset_id',
                    DB::table('assets')
                        ->where('path', 'like', "{$path}%")
                        ->select('id'),
                ),
            )
            ->join('assets as a', 'a.id', '=', 'meters.asset_id')
            ->tap(fn ($some) => $this->lines->within($some, $person, 'a.path'))
            ->orderByRaw("SUBSTRING_INDEX(a.path, 'A', 1)")
            ->orderBy('a.tag')
            ->orderBy('meters.name')
            ->limit(200);

        return $meters->get('meters.*');
    }
}
