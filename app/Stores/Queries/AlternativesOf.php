<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What may be taken instead of a part. */
final readonly class AlternativesOf
{
    /** @return Collection<int, stdClass> other part with what is free of it at a site, allowed ones first */
    public function of(int $partId, int $siteId): Collection
    {
        return DB::table('alternatives as a')
            ->join('parts as p', 'p.id', '=', 'a.other_id')
            ->leftJoin('stock as s', static fn ($on) => $on
                ->on('s.part_id', '=', 'p.id')
                ->where('s.site_id', $siteId))
            ->where('a.part_id', $partId)
            ->groupBy('p.id', 'p.number', 'p.name', 'p.unit', 'a.allowed', 'a.note', 'a.proposed_who', 'a.allowed_who')
            ->orderByDesc('a.allowed')
            ->orderBy('p.name')
            ->selectRaw('p.id, p.number, p.name, p.unit, a.allowed, a.note, a.proposed_who, a.allowed_who')
            ->selectRaw('COALESCE(SUM(s.on_hand - s.promised), 0) as free')
            ->get()
            ->toBase();
    }

    /** @return list<int> parts instead of which this one may be taken */
    public function replacedBy(int $partId): array
    {
        return array_values(
            DB::table('alternatives')
                ->where('other_id', $partId)
                ->where('allowed', 1)
                ->pluck('part_id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }
}
