<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Table\AssetTable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Register\LifeState;

/** The assets for which labels are printed. */
final readonly class LabelledAssets
{
    public function __construct(private AssetTable $table)
    {
    }

    /** @param  list<int>  $ids
     * @return Collection<int, stdClass> id, tag and name of those of a site */
    public function chosen(int $siteId, array $ids): Collection
    {
        return DB::table('assets')
            ->where('site_id', $siteId)
            ->whereIn('id', $ids)
            ->orderBy('tag')
            ->get(['id', 'tag', 'name']);
    }

    /**
     * @param  array<string, mixed>  $filter  as of the table of assets
     * @return Collection<int, stdClass> those that a filter leaves, or one alone; no retired ones
     */
    public function asked(int $siteId, ?int $only, array $filter, int $most): Collection
    {
        return DB::table('assets')
            ->where('site_id', $siteId)
            ->where('life_state', '<>', LifeState::Retired->value)
            ->when($only !== null, static fn ($query) => $query->where('id', $only))
            ->when(
                $filter !== [],
                fn ($query) => $query->whereIn('id', $this->table->ids($siteId, $filter, 10000)),
            )
            ->orderBy('tag')
            ->limit($most)
            ->get(['id', 'tag', 'name']);
    }
}
