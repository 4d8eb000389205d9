<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\PartRepair;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;

/** What is out for repair, and when how much of it is expected back mended. */
final readonly class OutForRepairs
{
    private const MOST = 200;

    /** @return Collection<int, PartRepair> of a part at a site: what is out first, then what came back last */
    public function part(int $partId, int $siteId): Collection
    {
        return PartRepair::query()
            ->with(['stock.part', 'stock.store', 'supplier'])
            ->where('site_id', $siteId)
            ->whereHas('stock', static fn (Builder $stock) => $stock->where('part_id', $partId))
            ->orderByRaw('over_on IS NOT NULL')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, PartRepair> that should be back by a day */
    public function expectedBy(int $siteId, LocalDate $until): Collection
    {
        return $this->out()
            ->where('site_id', $siteId)
            ->where('expected_on', '<=', (string) $until)
            ->orderBy('expected_on')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    /**
     * @param  list<int>  $stockIds
     * @return array<int, list<array{LocalDate, int}>> day and thousandths that come back mended, by stock
     */
    public function toStocks(array $stockIds): array
    {
        $coming = [];
        foreach ($this->out()->whereIn('stock_id', $stockIds)->orderBy('id')->get() as $one) {
            $expected = $one->out()->expected($one->stock->part->scrapped_percent);
            if ($expected > 0) {
                $coming[$one->stock_id][] = [LocalDate::parse($one->expected_on), $expected];
            }
        }

        return $coming;
    }

    /**
     * @param  list<int>  $partIds
     * @return array<int, list<array{LocalDate, int}>> day and thousandths that come back to a site, by part
     */
    public function toParts(array $partIds, int $siteId): array
    {
        $coming = [];
        $out = $this->out()
            ->where('site_id', $siteId)
            ->whereHas('stock', static fn (Builder $stock) => $stock->whereIn('part_id', $partIds))
            ->orderBy('id')
            ->get();
        foreach ($out as $one) {
            $expected = $one->out()->expected($one->stock->part->scrapped_percent);
            if ($expected > 0) {
                $coming[$one->stock->part_id][] = [LocalDate::parse($one->expected_on), $expected];
            }
        }

        return $coming;
    }

    /** @return Builder<PartRepair> */
    private function out(): Builder
    {
        return PartRepair::query()->with(['stock.part', 'stock.store', 'supplier'])->whereNull('over_on');
    }
}
