<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Sundial\Stock\LineReady;
use Sundial\Stock\Resupply;

/** Whether what was claimed is there, and when it comes: whoever stands before gets what comes first. */
final readonly class ClaimsReady
{
    public function __construct(private ComingIn $coming)
    {
    }

    /**
     * @param  list<int>  $ids  of one kind
     * @return array<int, array<int, LineReady>> by record and part
     */
    public function of(string $kind, array $ids): array
    {
        $claims = Claim::query()
            ->with('stock.part:id,name')
            ->where('subject_kind', $kind)
            ->whereIn('subject_id', $ids)
            // Where a part is promised in one store and short in another, it is short.
            ->orderByRaw('promised < quantity')
            ->get();
        $short = $claims->filter(static fn (Claim $one): bool => $one->short() > 0)->pluck('stock_id')->unique();
        $before = $short->isEmpty() ? [] : $this->before(array_values($short->all()));
        $coming = $short->isEmpty() ? [] : $this->coming->toStocks(array_values($short->all()));
        $ready = [];
        foreach ($claims as $claim) {
            $name = $claim->stock->part->name;
            $ready[$claim->subject_id][$claim->stock->part_id] = $claim->short() === 0
                ? LineReady::here($name)
                : LineReady::missing(
                    $name,
                    ($before[$claim->id] ?? 0) + $claim->short(),
                    $coming[$claim->stock_id] ?? Resupply::of([]),
                );
        }

        return $ready;
    }

    /**
     * Put in their order once, however many are asked for: a part may be waited for by thousands.
     *
     * @param  list<int>  $stockIds
     * @return array<int, int> by claim, thousandths that are lacking to those that stand before it
     */
    private function before(array $stockIds): array
    {
        $waiting = [];
        foreach (Claim::query()->whereIn('stock_id', $stockIds)->where('is_lacking', 1)->get() as $one) {
            $waiting[$one->stock_id][] = [$one->rank(), $one->short(), $one->id];
        }
        $before = [];
        foreach ($waiting as $claims) {
            usort($claims, static fn (array $a, array $b): int => $a[0]->against($b[0]));
            [$sum, $alike, $last] = [0, 0, null];
            foreach ($claims as [$rank, $short, $id]) {
                if ($last !== null && $last->against($rank) < 0) {
                    [$sum, $alike] = [$sum + $alike, 0];
                }
                $before[$id] = $sum;
                [$alike, $last] = [$alike + $short, $rank];
            }
        }

        return $before;
    }
}
