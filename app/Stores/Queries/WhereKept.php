<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Where a part is taken from for something. */
final readonly class WhereKept
{
    /**
     * Where it is promised to it, else where it was taken for it before, else where most is free.
     *
     * @param  int|null  $storeId  from this store and no other
     * @return int|null the stock; null: no store of its site keeps the part
     */
    public function for(Subject $for, int $partId, ?int $storeId = null): ?int
    {
        $of = static fn (string $table): string => "EXISTS (SELECT 1 FROM {$table} x WHERE x.stock_id = s.id ".
            'AND x.subject_kind = ? AND x.subject_id = ?) DESC';
        $id = DB::table('stock as s')
            ->where('s.site_id', $for->siteId)
            ->where('s.part_id', $partId)
            ->when($storeId !== null, static fn ($some) => $some->where('s.store_id', $storeId))
            ->orderByRaw($of('part_claims'), [$for->kind, $for->id])
            ->orderByRaw($of('stock_moves'), [$for->kind, $for->id])
            ->orderByRaw('s.on_hand - s.promised DESC')
            ->orderBy('s.id')
            ->value('s.id');

        return $id === null ? null : (int) $id;
    }
}
