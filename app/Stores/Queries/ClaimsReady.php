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
        $waiting = $short->isEmpty() ? [] : $this->waiting(array_values($short->all()));
        $coming = $short->isEmpty() ? [] : $this->coming->toStocks(array_values($short->all()));
        $ready = [];
        foreach ($claims as $claim) {
            $name = $claim->stock->part->name;
            $ready[$claim->subject_id][$claim->stock->part_id] = $claim->short() === 0
                ? LineReady::here($name)
                : LineReady::missing(
                    $name,
                    $this->before($claim, $waiting[$claim->stock_id] ?? []) + $claim->short(),
                    $coming[$claim->stock_id] ?? Resupply::of([]),
                );
        }

        return $ready;
    }

    /**
     * @param  list<int>  $stockIds
     * @return array<int, list<Claim>> by stock
     */
    private function waiting(array $stockIds): array
    {
        $by = [];
        foreach (Claim::query()->whereIn('stock_id', $stockIds)->where('is_lacking', 1)->get() as $one) {
            $by[$one->stock_id][] = $one;
        }

        return $by;
    }

    /** @param  list<Claim>  $waiting */
    private function before(Claim $claim, array $waiting): int
    {
        return array_sum(array_map(
            static fn (Claim $one): int => $one->rank()->against($claim->rank()) < 0 ? $one->short() : 0,
            $waiting,
        ));
    }
}
