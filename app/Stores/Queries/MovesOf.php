<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Movement;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;

/** What moved of a part at a site, and what there was of it on a day past. */
final readonly class MovesOf
{
    /** @return LazyCollection<int, Movement> first first */
    public function all(int $partId, int $siteId): LazyCollection
    {
        return Movement::query()
            ->with('stock.store')
            ->whereIn(
                'stock_id',
                DB::table('stock')->where('part_id', $partId)->where('site_id', $siteId)->select('id'),
            )
            ->orderBy('id')
            ->lazy(500);
    }

    /** @return array{string, int} on hand and worth at the end of a day */
    public function balanceOn(int $stockId, string $day): array
    {
        $last = DB::table('stock_moves')
            ->where('stock_id', $stockId)
            ->where('moved_on', '<=', $day)
            ->orderByDesc('moved_on')
            ->orderByDesc('id')
            ->first(['on_hand_after', 'value_after_cents']);

        return $last === null ? ['0.000', 0] : [(string) $last->on_hand_after, (int) $last->value_after_cents];
    }
}
