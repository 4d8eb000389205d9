<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** From whom a part comes, and on which terms. */
final readonly class SuppliersOf
{
    public function __construct(private LeadTimes $leads)
    {
    }

    /** @return Collection<int, stdClass> with what was seen of their lead time */
    public function part(int $partId): Collection
    {
        return DB::table('part_suppliers as a')
            ->join('suppliers as s', 's.id', '=', 'a.supplier_id')
            ->where('a.part_id', $partId)
            ->orderBy('s.name')
            ->get(['s.id', 's.name', 'a.their_number', 'a.lead_days', 'a.least', 'a.price', 'a.currency'])
            ->toBase()
            ->map(function (stdClass $one) use ($partId): stdClass {
                $one->took = $this->leads->of((int) $one->id, $partId);

                return $one;
            });
    }

    /**
     * @param  list<int>  $partIds
     * @return array<int, stdClass> the terms of the supplier that the catalogue names, by part
     */
    public function usual(array $partIds): array
    {
        return DB::table('part_suppliers as a')
            ->join('parts as p', static fn ($on) => $on
                ->on('p.id', '=', 'a.part_id')
                ->on('p.supplier_id', '=', 'a.supplier_id'))
            ->whereIn('a.part_id', $partIds)
            ->get(['a.part_id', 'a.price', 'a.currency', 'a.least'])
            ->keyBy('part_id')
            ->all();
    }

    /** @return stdClass|null the terms of one supplier for a part */
    public function terms(int $partId, int $supplierId): ?stdClass
    {
        return DB::table('part_suppliers')->where('part_id', $partId)->where('supplier_id', $supplierId)->first();
    }
}
