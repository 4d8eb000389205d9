<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Brick\Math\BigDecimal;
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

    /** Beside its line, what of a shift says by what it is added up. */
    private const OF_SHIFT = [
        'shift' => ['r.shift'],
        'team' => ['r.team_id'],
        'day' => ['r.day'],
        'week' => ['r.day'],
        'month' => ['r.day'],
    ];

    /** @return Collection<int, OeeSum> most time lost first; in time, the first one first */
    public function addedUp(OeeSlice $slice, string $by): Collection
    {
        return $this->inOrder($this->summed($slice, $by), $by);
    }

    public function all(OeeSlice $slice): OeeSum
    {
        return self::together($this->summed($slice, 'line'));
    }

    /** @return array{Collection<int, OeeSum>, OeeSum} added up, and all of it */
    public function withAll(OeeSlice $slice, string $by): array
    {
        $rows = $this->summed($slice, $by);

        // The shifts of a product are those in which it was made, and their time is that of its runs.
        return [$this->inOrder($rows, $by), $by === 'product' ? $this->all($slice) : self::together($rows)];
    }

    /** @return Collection<int, stdClass> the shifts behind a figure, the last one first */
    public function shifts(OeeSlice $slice, int $most): Collection
    {
        return $this->from($slice, 'team')
            ->orderByDesc('r.from_at')
            ->limit($most)
            ->distinct()
            ->get([
                'r.id', 'r.day', 'r.shift', 'r.line_id', 'a.name as line', 't.name as team', 'r.planned_s', 'r.run_s',
                'r.ideal_s', 'r.good_s', 'r.wanted_s', 'r.signed_who', 'r.from_at',
            ])
            ->toBase();
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return Collection<int, OeeSum>
     */
    private function inOrder(Collection $rows, string $by): Collection
    {
        $sums = $rows->map(self::sum(...));

        return in_array($by, self::IN_TIME, true)
            ? $sums->sortBy('key')->values()
            : $sums->sortByDesc(static fn (OeeSum $one): float => $one->lost())->values();
    }

    /** @return Collection<int, stdClass> key, planned, run, wanted, ideal, good, shifts, worth, good_worth, unknown */
    private function summed(OeeSlice $slice, string $by): Collection
    {
        $key = self::BY[$by];
        $isOfShifts = $by !== 'product' && $slice->by === null;
        $rows = $isOfShifts ? $this->ofShifts($slice, $by) : $this->ofRuns($slice, $by);

        return $rows->groupByRaw($key)->selectRaw("{$key} as `key`")->get()->toBase();
    }

    /** Shifts are added up by line, and by what else is asked, before it is looked up what stands for these. */
    private function ofShifts(OeeSlice $slice, string $by): Builder
    {
        $of = ['r.line_id', ...self::OF_SHIFT[$by] ?? []];
        $sums = $this->records($slice)
            ->groupBy($of)
            ->select($of)
            ->selectRaw('SUM(r.planned_s) as planned, SUM(r.run_s) as run, SUM(r.wanted_s) as wanted')
            ->selectRaw('SUM(r.ideal_s) as ideal, SUM(r.good_s) as good, COUNT(*) as shifts');

        return $this->named(DB::query()->fromSub($sums, 'r'), $slice, [$by])
            ->selectRaw('SUM(r.planned) as planned, SUM(r.run) as run, SUM(r.wanted) as wanted')
            ->selectRaw('SUM(r.ideal) as ideal, SUM(r.good) as good, SUM(r.shifts) as shifts')
            ->selectRaw('SUM(r.planned * l.hour_cents) as worth, SUM(r.good * l.hour_cents) as good_worth')
            ->selectRaw('SUM(l.hour_cents IS NULL) as unknown');
    }

    private function ofRuns(OeeSlice $slice, string $by): Builder
    {
        $byRun = in_array('product', [$by, $slice->by], true);
        $of = $byRun
            ? ['planned' => 'u.planned_s', 'run' => 'u.run_s', 'wanted' => 'u.planned_s']
            : ['planned' => 'r.planned_s', 'run' => 'r.run_s', 'wanted' => 'r.wanted_s'];
        $ideal = $byRun ? 'u.ideal_seconds * u.total' : 'r.ideal_s';
        $good = $byRun ? 'u.ideal_seconds * (u.total - u.rejects)' : 'r.good_s';

        return $this->from($slice, $by)
            ->selectRaw("SUM({$of['planned']}) as planned, SUM({$of['run']}) as run, SUM({$of['wanted']}) as wanted")
            ->selectRaw("SUM({$ideal}) as ideal, SUM({$good}) as good, COUNT(DISTINCT r.id) as shifts")
            ->selectRaw("SUM({$of['planned']} * l.hour_cents) as worth, SUM(({$good}) * l.hour_cents) as good_worth")
            ->selectRaw('SUM(l.hour_cents IS NULL) as unknown');
    }

    /** Shifts one by one, or their runs, with whatever one asks by. */
    private function from(OeeSlice $slice, string $by): Builder
    {
        $records = $this->named($this->records($slice), $slice, [$by, (string) $slice->by]);
        if (in_array('product', [$by, $slice->by], true)) {
            $records
                ->join('product_runs as u', 'u.record_id', '=', 'r.id')
                ->join('products as d', 'd.id', '=', 'u.product_id');
        }

        return $slice->by === null
            ? $records
            : $records->whereRaw(self::BY[$slice->by].' = ?', [$slice->value]);
    }

    private function records(OeeSlice $slice): Builder
    {
        return DB::table('shift_records as r')
            ->where('r.site_id', $slice->siteId)
            ->whereBetween('r.day', [(string) $slice->from, (string) $slice->to])
            ->when($slice->lineId !== null, static fn (Builder $some) => $some->where('r.line_id', $slice->lineId));
    }

    /**
     * With the names of what stands behind a shift; of those alone that are asked.
     *
     * @param  list<string>  $asked
     */
    private function named(Builder $shifts, OeeSlice $slice, array $asked): Builder
    {
        return $shifts
            ->join('plant_lines as l', 'l.id', '=', 'r.line_id')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->when(in_array('place', $asked, true), static fn (Builder $some) => $some
                ->leftJoinSub(self::places($slice->siteId), 'p', 'p.line_id', '=', 'r.line_id'))
            ->when(in_array('team', $asked, true), static fn (Builder $some) => $some
                ->leftJoin('teams as t', 't.id', '=', 'r.team_id'));
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

    /**
     * Times are added, then divided: of what was added up, all of it.
     *
     * @param  Collection<int, stdClass>  $rows
     */
    private static function together(Collection $rows): OeeSum
    {
        $sum = static fn (string $of): BigDecimal => $rows->reduce(
            static fn (BigDecimal $sum, stdClass $row): BigDecimal => $sum->plus((string) ($row->{$of} ?? 0)),
            BigDecimal::zero(),
        );

        return self::sum((object) [
            'key' => 'all',
            'planned' => $sum('planned')->toInt(),
            'run' => $sum('run')->toInt(),
            'wanted' => $sum('wanted')->toInt(),
            'ideal' => (string) $sum('ideal'),
            'good' => (string) $sum('good'),
            'shifts' => $sum('shifts')->toInt(),
            'worth' => (string) $sum('worth'),
            'good_worth' => (string) $sum('good_worth'),
            'unknown' => $sum('unknown')->toInt(),
        ]);
    }

    private static function sum(stdClass $row): OeeSum
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
