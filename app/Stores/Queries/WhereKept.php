<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\FromShelves;
use Sundial\Stock\MoveKind;
use Sundial\Support\Quantity;

/** Where a part is taken from for something, and where it goes back to. */
final readonly class WhereKept
{
    /**
     * Where it is promised to it, the rest where most is free.
     *
     * @param  int|null  $storeId  from this store and no other
     * @return array<int, int> thousandths by stock; none: no store of its site keeps the part
     */
    public function taking(int $thousandths, Subject $for, int $partId, ?int $storeId = null): array
    {
        $claims = DB::table('part_claims')->where('subject_kind', $for->kind)->where('subject_id', $for->id);
        $shelves = [];
        $rows = $this->rows($for, $partId, $storeId)
            ->leftJoinSub($claims, 'c', 'c.stock_id', '=', 's.id')
            ->orderByRaw('c.id IS NULL')
            ->orderByRaw('s.on_hand - s.promised DESC')
            ->orderBy('s.id')
            ->get(['s.id', 'c.promised', DB::raw('s.on_hand - s.promised as free')]);
        foreach ($rows as $row) {
            $shelves[(int) $row->id] = [
                Quantity::parse((string) ($row->promised ?? '0')),
                Quantity::parse((string) $row->free),
            ];
        }

        return FromShelves::of($shelves)->take($thousandths);
    }

    /**
     * Where it was taken for it before.
     *
     * @return array<int, int> thousandths by stock; none: no store of its site keeps the part
     */
    public function givingBack(int $thousandths, Subject $for, int $partId, ?int $storeId = null): array
    {
        $taken = DB::table('stock_moves')
            ->selectRaw('-SUM(quantity)')
            ->whereColumn('stock_id', 's.id')
            ->where('subject_kind', $for->kind)
            ->where('subject_id', $for->id)
            ->whereIn('kind', [MoveKind::Issue->value, MoveKind::Return->value]);
        $shelves = [];
        foreach ($this->rows($for, $partId, $storeId)->orderBy('s.id')->select('s.id')->selectSub($taken, 'taken')
            ->get() as $row) {
            $shelves[(int) $row->id] = [Quantity::parse((string) ($row->taken ?? '0')), 0];
        }

        return FromShelves::of($shelves)->take($thousandths);
    }

    /** @return int|null the store of a site in which this batch or piece lies */
    public function storeOf(string $lot, int $siteId, int $partId): ?int
    {
        $store = DB::table('lots as l')
            ->join('stock as s', 's.id', '=', 'l.stock_id')
            ->where('s.site_id', $siteId)
            ->where('s.part_id', $partId)
            ->where('l.name', $lot)
            ->where('l.quantity', '>', 0)
            ->value('s.store_id');

        return $store === null ? null : (int) $store;
    }

    private function rows(Subject $for, int $partId, ?int $storeId): Builder
    {
        return DB::table('stock as s')
            ->where('s.site_id', $for->siteId)
            ->where('s.part_id', $partId)
            ->when($storeId !== null, static fn (Builder $some) => $some->where('s.store_id', $storeId));
    }
}
