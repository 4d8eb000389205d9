<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Movement;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

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

    /** @return array{int, int} thousandths on hand and cents at the end of a day, over the stores of a site */
    public function of(int $partId, int $siteId, LocalDate $on): array
    {
        [$hand, $cents] = [0, 0];
        foreach (DB::table('stock')->where('part_id', $partId)->where('site_id', $siteId)->pluck('id') as $stockId) {
            $last = DB::table('stock_moves')
                ->where('stock_id', $stockId)
                ->where('moved_on', '<=', (string) $on)
                ->orderByDesc('moved_on')
                ->orderByDesc('id')
                ->first(['on_hand_after', 'value_after_cents']);
            $hand += Quantity::parse((string) ($last->on_hand_after ?? '0'));
            $cents += (int) ($last->value_after_cents ?? 0);
        }

        return [$hand, $cents];
    }
}
