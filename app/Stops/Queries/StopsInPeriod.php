<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use stdClass;

/** The stops of a site in a period: one by one, and added up by why, what and where. */
final readonly class StopsInPeriod
{
    private const OPEN = 60;

    /** By what they are added up, and what stands for each. */
    public const BY = [
        'reason' => 's.reason',
        'group' => 'COALESCE(g.name, s.reason)',
        'kind' => "COALESCE(s.kind, 'no reason of the list')",
        'asset' => 'a.name',
        'class' => 'c.name',
    ];

    /** @return Collection<int, stdClass> key, seconds, stops; most seconds first */
    public function addedUp(StopSlice $slice, string $by): Collection
    {
        $key = self::BY[$by] ?? self::BY['reason'];

        return $this->stops($slice)
            ->groupByRaw($key)
            ->orderByDesc('seconds')
            ->selectRaw("{$key} as `key`, COUNT(*) as stops")
            ->selectRaw('SUM('.$this->seconds($slice).') as seconds')
            ->get()
            ->toBase();
    }

    /** @return LazyCollection<int, stdClass> the last ones first */
    public function each(StopSlice $slice, ?int $most = null): LazyCollection
    {
        return $this->stops($slice)
            ->orderByDesc('s.from_at')
            ->orderByDesc('s.id')
            ->when($most !== null, static fn (Builder $some) => $some->limit((int) $most))
            ->select(['s.id', 's.from_at', 's.to_at', 's.reason', 's.reason_id', 's.kind', 's.planned', 's.note'])
            ->addSelect(['a.id as asset_id', 'a.name as asset', 'a.tag', 'a.class_id', 's.opened_who'])
            ->selectRaw($this->seconds($slice).' as seconds')
            ->cursor();
    }

    /** @return Collection<int, stdClass> what is down now, longest first */
    public function down(int $siteId): Collection
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->where('s.site_id', $siteId)
            ->whereNotNull('s.open_on')
            ->orderBy('s.from_at')
            ->limit(self::OPEN)
            ->get(['s.id', 's.from_at', 's.reason', 's.planned', 'a.id as asset_id', 'a.name as asset', 'a.tag'])
            ->toBase();
    }

    private function stops(StopSlice $slice): Builder
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('stop_reasons as r', 'r.id', '=', 's.reason_id')
            ->leftJoin('stop_reasons as g', 'g.id', '=', 'r.parent_id')
            ->where('s.site_id', $slice->siteId)
            ->whereNull('s.struck_at')
            ->where('s.from_at', '<', $slice->toAt())
            ->where(static fn (Builder $any) => $any
                ->whereNull('s.to_at')
                ->orWhere('s.to_at', '>', $slice->fromAt()))
            ->when($slice->path !== null, static fn (Builder $some) => $some
                ->where('a.path', 'like', addcslashes((string) $slice->path, '%_\\').'%'))
            ->when($slice->without, static fn (Builder $some) => $some->whereNull('s.reason_id'))
            ->when($slice->value !== null, static fn (Builder $some) => $some
                ->whereRaw((self::BY[$slice->by] ?? self::BY['reason']).' = ?', [$slice->value]));
    }

    /** Of a stop, those that lie in the period; the instants are ours, not typed. */
    private function seconds(StopSlice $slice): string
    {
        return "TIMESTAMPDIFF(SECOND, GREATEST(s.from_at, '{$slice->fromAt()}'), ".
            "LEAST(COALESCE(s.to_at, '{$slice->toAt()}'), '{$slice->toAt()}'))";
    }
}
