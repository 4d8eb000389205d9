<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\People\Models\User;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;

/** Meters and readings as programs and files ask for them; a page holds one more, if there is more. */
final readonly class MetersAsked
{
    public function __construct(private VisibleLines $reach)
    {
    }

    /**
     * @param  list<int>  $sites
     * @param  array<string, mixed>  $asked  tag, asset_id, after: as they were asked
     * @return Collection<int, Meter> of the lines that somebody sees
     */
    public function __invoke(User $person, array $sites, array $asked, int $limit): Collection
    {
        return Meter::query()
            ->with('asset:id,tag')
            ->whereIn('site_id', $sites)
            ->where('id', '>', (int) ($asked['after'] ?? 0))
            ->when(isset($asked['asset_id']), static fn ($query) => $query->where('asset_id', $asked['asset_id']))
            ->when(isset($asked['tag']), static fn ($query) => $query->whereRelation('asset', 'tag', $asked['tag']))
            ->whereHas(
                'asset',
                fn ($assets) => $assets->where(function ($any) use ($person, $sites): void {
                    foreach ($sites as $siteId) {
                        $any->orWhere(
                            fn ($here) => $this->reach->within(
                                $here->where('site_id', $siteId),
                                $person,
                                'path',
                                $siteId,
                            ),
                        );
                    }
                }),
            )
            ->orderBy('id')
            ->limit($limit)
            ->get()
            ->toBase();
    }

    public function one(int $id): Meter
    {
        return Meter::query()->with('asset:id,tag')->findOrFail($id);
    }

    /** @return LazyCollection<int, Meter> all of a site, by asset */
    public function all(int $siteId): LazyCollection
    {
        return Meter::query()
            ->where('site_id', $siteId)
            ->with('asset:id,tag,name')
            ->orderBy('asset_id')
            ->orderBy('name')
            ->lazy(500);
    }

    /**
     * @param  list<int|string>  $ids
     * @return Collection<int, Meter>
     */
    public function among(int $siteId, array $ids): Collection
    {
        return Meter::query()
            ->where('site_id', $siteId)
            ->whereIn('id', $ids)
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /**
     * @param  array{from?: string, to?: string, after?: int|string}  $asked  instants as programs write them
     * @return Collection<int, Reading>
     */
    public function readings(Meter $meter, array $asked, int $limit): Collection
    {
        $at = static fn (string $given): string => gmdate('Y-m-d H:i:s', (int) strtotime($given));

        return Reading::query()
            ->where('meter_id', $meter->id)
            ->where('id', '>', (int) ($asked['after'] ?? 0))
            ->when(isset($asked['from']), static fn ($query) => $query->where('at', '>=', $at($asked['from'] ?? '')))
            ->when(isset($asked['to']), static fn ($query) => $query->where('at', '<=', $at($asked['to'] ?? '')))
            ->orderBy('id')
            ->limit($limit)
            ->get()
            ->toBase();
    }
}
