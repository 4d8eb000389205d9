<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Oee;

/** The OEE of a site's shifts: their seconds added up by line, shift, team, place, product, day, week or month. */
final readonly class OeeOf
{
    /** By what it is added up, and what stands for each. */
    public const BY = [
        'line' => 'a.name',
        'shift' => 'r.shift',
        'team' => "COALESCE(t.name, 'no team')",
        'place' => "COALESCE(p.name, 'no place')",
        'product' => 'd.name',
        'day' => 'r.day',
        'week' => "DATE_FORMAT(r.day, '%x week %v')",
        'month' => "DATE_FORMAT(r.day, '%Y-%m')",
    ];

    /** Those that follow each other in time. */
    public const IN_TIME = ['day', 'week', 'month'];

    /** @return Collection<int, OeeSum> most time lost first; in time, the first one first */
    public function addedUp(OeeSlice $slice, string $by): Collection
    {
        $key = self::BY[$by];
        $rows = $this->rows($slice, $by === 'product')
            ->groupByRaw($key)
            ->selectRaw("{$key} as `key`")
            ->get()
            ->map(fn (stdClass $row): OeeSum => $this->sum($row))
            ->toBase();

        return in_array($by, self::IN_TIME, true)
            ? $rows->sortBy('key')->values()
            : $rows->sortByDesc(static fn (OeeSum $one): float => $one->lost())->values();
    }

    public function all(OeeSlice $slice): OeeSum
    {
        $row = $this->rows($slice, false)->selectRaw("'all' as `key`")->first();

        return $row instanceof stdClass ? $this->sum($row) : new OeeSum('all', Oee::none(), 0, 0);
    }

    /** @return Collection<int, stdClass> the shifts behind a figure, the last one first */
    public function shifts(OeeSlice $slice, int $most): Collection
    {
        return $this->from($slice, $slice->by === 'product')
            ->orderByDesc('r.from_at')
            ->limit($most)
            ->distinct()
            ->get([
                'r.id', 'r.day', 'r.shift', 'r.line_id', 'a.name as line', 't.name as team', 'r.planned_s', 'r.run_s',
                'r.ideal_s', 'r.good_s', 'r.wanted_s', 'r.signed_who', 'r.from_at',
            ])
            ->toBase();
    }

    private function rows(OeeSlice $slice, bool $byRun): Builder
    {
        $of = $byRun
            ? ['planned' => 'u.planned_s', 'run' => 'u.run_s', 'wanted' => 'u.planned_s']
            : ['planned' => 'r.planned_s', 'run' => 'r.run_s', 'wanted' => 'r.wanted_s'];
        $ideal = $byRun ? 'u.ideal_seconds * u.total' : 'r.ideal_s';
        $good = $byRun ? 'u.ideal_seconds * (u.total - u.rejects)' : 'r.good_s';

        return $this->from($slice, $byRun)
            ->selectRaw("SUM({$of['planned']}) as planned, SUM({$of['run']}) as run, SUM({$of['wanted']}) as wanted")
            ->selectRaw("SUM({$ideal}) as ideal, SUM({$good}) as good, COUNT(DISTINCT r.id) as shifts")
            ->selectRaw("SUM({$of['planned']} * l.hour_cents) as worth, SUM(({$good}) * l.hour_cents) as good_worth")
            ->selectRaw('SUM(l.hour_cents IS NULL) as unknown');
    }

    private function from(OeeSlice $slice, bool $byRun): Builder
    {
        return DB::table('shift_records as r')
            ->join('plant_lines as l', 'l.id', '=', 'r.line_id')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->leftJoinSub(self::places($slice->siteId), 'p', 'p.line_id', '=', 'r.line_id')
            ->leftJoin('teams as t', 't.id', '=', 'r.team_id')
            ->when($byRun, static fn (Builder $some) => $some
                ->join('product_runs as u', 'u.record_id', '=', 'r.id')
                ->join('products as d', 'd.id', '=', 'u.product_id'))
            ->where('r.site_id', $slice->siteId)
            ->whereBetween('r.day', [(string) $slice->from, (string) $slice->to])
            ->when($slice->lineId !== null, static fn (Builder $some) => $some->where('r.line_id', $slice->lineId))
            ->when($slice->by !== null, static fn (Builder $some) => $some
                ->whereRaw(self::BY[(string) $slice->by].' = ?', [$slice->value]));
    }

    /** The nearest place on the way up from each line, which may stand inside another asset. */
    private static function places(int $siteId): Builder
    {
        $nearest = DB::table('locations as q')
            ->whereColumn('q.site_id', 'a.site_id')
            ->whereRaw("a.path LIKE CONCAT(q.path, '%')")
            ->orderByRaw('LENGTH(q.path) DESC')
            ->limit(1)
            ->select('q.name');

        return DB::table('plant_lines as l')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->where('l.site_id', $siteId)
            ->select('l.id as line_id')
            ->selectSub($nearest, 'name');
    }

    private function sum(stdClass $row): OeeSum
    {
        $isKnown = (int) $row->unknown === 0 && (int) $row->planned > 0;

        return new OeeSum(
            (string) $row->key,
            Oee::kept((int) $row->planned, (int) $row->run, (string) ($row->ideal ?? 0), (string) ($row->good ?? 0)),
            (int) $row->wanted,
            (int) $row->shifts,
            $isKnown ? (float) $row->worth / 60 / (int) $row->planned : null,
            $isKnown ? (int) round(((float) $row->worth - (float) $row->good_worth) / 3600) : null,
        );
    }
}
