<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Sites\SiteDays;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Which shelves of a site are to be counted, and are on no sheet that is open yet. */
final readonly class DueToCount
{
    public function __construct(private SiteDays $days)
    {
    }

    public function count(int $siteId): int
    {
        return $this->due($siteId)->count();
    }

    /** @return array<string, int> how many of each class */
    public function byClass(int $siteId): array
    {
        return $this->due($siteId)
            ->groupBy('s.abc')
            ->orderBy('s.abc')
            ->selectRaw('s.abc, COUNT(*) as many')
            ->pluck('many', 'abc')
            ->map(static fn (mixed $many): int => (int) $many)
            ->all();
    }

    /** @return Collection<int, stdClass> longest due first */
    public function first(int $siteId, int $most, ?int $storeId = null): Collection
    {
        return $this->due($siteId)
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->when($storeId !== null, static fn ($some) => $some->where('s.store_id', $storeId))
            ->orderBy('s.count_due_on')
            ->orderBy('s.id')
            ->limit($most)
            ->get([
                's.id',
                's.store_id',
                's.part_id',
                'p.name',
                'p.number',
                's.bin',
                's.abc as class',
                's.counted_on',
                's.count_due_on as due_on',
            ])
            ->toBase();
    }

    private function due(int $siteId): Builder
    {
        return DB::table('stock as s')
            ->where('s.site_id', $siteId)
            ->where('s.count_due_on', '<=', (string) $this->days->today($siteId))
            ->whereNotExists(static fn ($some) => $some
                ->from('count_lines as l')
                ->join('stock_counts as c', 'c.id', '=', 'l.count_id')
                ->whereColumn('l.stock_id', 's.id')
                ->where('c.state', 'open'));
    }
}
