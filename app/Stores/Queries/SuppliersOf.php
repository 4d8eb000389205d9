<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** From whom a part comes, and on which terms. */
final readonly class SuppliersOf
{
    public function __construct(private LeadTimes $leads)
    {
    }

    /** @return Collection<int, stdClass> with their price of a day and the next one, and their lead time as seen */
    public function part(int $partId, LocalDate $on): Collection
    {
        $next = DB::table('part_prices')
            ->where('part_id', $partId)
            ->where('from_on', '>', (string) $on)
            ->orderBy('from_on')
            ->get()
            ->groupBy('supplier_id');

        return $this->priced($on)
            ->join('suppliers as s', 's.id', '=', 'a.supplier_id')
            ->where('a.part_id', $partId)
            ->orderBy('s.name')
            ->get(['s.id', 's.name', 'a.their_number', 'a.lead_days', 'a.least', 'x.price', 'x.currency', 'x.from_on'])
            ->toBase()
            ->map(function (stdClass $one) use ($partId, $next): stdClass {
                $one->took = $this->leads->of((int) $one->id, $partId);
                $one->next = $next->get((int) $one->id)?->first();

                return $one;
            });
    }

    /**
     * @param  list<int>  $partIds
     * @return array<int, stdClass> the terms of the supplier that the catalogue names, by part
     */
    public function usual(array $partIds, LocalDate $on): array
    {
        return $this->priced($on)
            ->join('parts as p', static fn ($both) => $both
                ->on('p.id', '=', 'a.part_id')
                ->on('p.supplier_id', '=', 'a.supplier_id'))
            ->whereIn('a.part_id', $partIds)
            ->get(['a.part_id', 'x.price', 'x.currency', 'a.least'])
            ->keyBy('part_id')
            ->all();
    }

    /** @return stdClass|null the terms of one supplier for a part */
    public function terms(int $partId, int $supplierId): ?stdClass
    {
        return DB::table('part_suppliers')->where('part_id', $partId)->where('supplier_id', $supplierId)->first();
    }

    /** @return stdClass|null price and currency of a day; null: none was agreed */
    public function price(int $partId, int $supplierId, LocalDate $on): ?stdClass
    {
        return DB::table('part_prices')
            ->where('part_id', $partId)
            ->where('supplier_id', $supplierId)
            ->where('from_on', '<=', (string) $on)
            ->orderByDesc('from_on')
            ->first(['price', 'currency']);
    }

    /** Terms as a, with the price that holds on a day as x. */
    private function priced(LocalDate $on): Builder
    {
        return DB::table('part_suppliers as a')->leftJoin('part_prices as x', static fn ($both) => $both
            ->on('x.part_id', '=', 'a.part_id')
            ->on('x.supplier_id', '=', 'a.supplier_id')
            ->where('x.from_on', static fn ($last) => $last
                ->from('part_prices as y')
                ->selectRaw('MAX(y.from_on)')
                ->whereColumn('y.part_id', 'a.part_id')
                ->whereColumn('y.supplier_id', 'a.supplier_id')
                ->where('y.from_on', '<=', (string) $on)));
    }
}
