<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** What is to be picked at a site: by the day on which it is needed, then as one walks, by store and bin. */
final readonly class ToPick
{
    private const MOST = 600;

    /** @return Collection<non-falsy-string, Collection<int, stdClass>> lines by the record for which they are */
    public function __invoke(int $siteId, LocalDate $until): Collection
    {
        return DB::table('part_claims as c')
            ->join('stock as s', 's.id', '=', 'c.stock_id')
            ->join('stores as t', 't.id', '=', 's.store_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('c.site_id', $siteId)
            ->where(static fn ($any) => $any
                ->whereNull('c.needed_on')
                ->orWhere('c.needed_on', '<=', (string) $until))
            ->orderByRaw('c.needed_on IS NULL')
            ->orderBy('c.needed_on')
            ->orderBy('c.subject_id')
            ->orderBy('t.code')
            ->orderBy('s.bin')
            ->limit(self::MOST)
            ->get([
                'c.subject_kind',
                'c.subject_id',
                'c.label',
                'c.who',
                'c.needed_on',
                'c.quantity',
                'c.promised',
                'c.picked',
                'p.id as part_id',
                'p.number',
                'p.name',
                'p.unit',
                't.name as store',
                's.bin',
            ])
            ->toBase()
            ->groupBy(static fn (stdClass $one): string => "{$one->subject_kind} {$one->subject_id}");
    }
}
