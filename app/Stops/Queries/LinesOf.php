<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Register\Queries\VisibleLines;
use App\Stops\Models\Line;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The lines of a site, and where each stands at the moment. */
final readonly class LinesOf
{
    private const SHIFTS = 5;

    /** The last shifts of one line: as many rows of an index. */
    private const LATELY = '(SELECT line_id, from_at, planned_s, good_s FROM shift_records WHERE line_id = ? AND '.
        'from_at < ? ORDER BY from_at DESC LIMIT ?)';

    public function __construct(private LastStops $last)
    {
    }

    /**
     * @param  list<string>|null  $reach  paths of what may be seen; null: all
     * @return Collection<int, LineNow> by name
     */
    public function now(int $siteId, string $at, ?array $reach = null): Collection
    {
        $lines = DB::table('plant_lines as l')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->where('l.site_id', $siteId)
            ->where('l.retired', 0)
            ->tap(static fn (Builder $some) => VisibleLines::onLines($some, $reach, 'a.path'))
            ->orderBy('a.name')
            ->get(['l.id', 'l.asset_id', 'a.name', 'a.tag']);
        $down = $this->down($siteId);
        $last = $this->last($lines->pluck('id')->all());
        $lately = $this->lately($lines->pluck('id')->all(), $at);
        // A shift may have begun on the day before.
        $since = (new DateTimeImmutable($at))->modify('-2 days')->format('Y-m-d');
        $shifts = DB::table('shift_records')
            ->where('site_id', $siteId)
            ->where('from_at', '<=', $at)
            ->where('to_at', '>', $at)
            ->where('day', '>=', $since)
            ->pluck('id', 'line_id');
        $calls = DB::table('maintenance_calls')
            ->where('site_id', $siteId)
            ->whereNull('over_at')
            ->pluck('called_at', 'line_id');

        return $lines->map(static fn (stdClass $line): LineNow => new LineNow(
            (int) $line->id,
            (int) $line->asset_id,
            $line->name,
            $line->tag,
            isset($down[$line->id]) ? (int) $down[$line->id]->stop_id : null,
            $down[$line->id]->from_at ?? null,
            $down[$line->id]->reason ?? null,
            (bool) ($down[$line->id]->planned ?? false),
            $last[$line->id] ?? null,
            $calls[$line->id] ?? null,
            isset($shifts[$line->id]),
            $lately[$line->id] ?? [],
        ))->toBase();
    }

    /** @return Collection<int, Line> those that are worked, with what stands on them */
    public function all(int $siteId): Collection
    {
        return Line::query()
            ->with('asset')
            ->where('site_id', $siteId)
            ->where('retired', false)
            ->get()
            ->sortBy(static fn (Line $line): string => $line->asset->name)
            ->values()
            ->toBase();
    }

    /** @return Collection<int, Line> of all sites */
    public function everywhere(): Collection
    {
        return Line::query()->with('asset')->where('retired', false)->get()->toBase();
    }

    /** @return array<int, stdClass> by line: what makes it stand, since longest */
    private function down(int $siteId): array
    {
        $of = DB::table('plant_lines')->where('site_id', $siteId)->select(['id as line_id', 'asset_id'])->union(
            DB::table('line_parts as p')
                ->join('plant_lines as l', 'l.id', '=', 'p.line_id')
                ->where('l.site_id', $siteId)
                ->select(['p.line_id', 'p.asset_id']),
        );

        return DB::table('stops as s')
            ->joinSub($of, 'o', 'o.asset_id', '=', 's.asset_id')
            ->where('s.site_id', $siteId)
            ->whereNotNull('s.open_on')
            ->orderByDesc('s.from_at')
            ->get(['o.line_id', 's.id as stop_id', 's.from_at', 's.reason', 's.planned'])
            ->keyBy('line_id')
            ->all();
    }

    /**
     * @param  array<int, int>  $lines
     * @return array<int, string> by line: when its last stop ended
     */
    private function last(array $lines): array
    {
        $lineOf = DB::table('plant_lines')->whereIn('id', $lines)->select(['id as line_id', 'asset_id'])->unionAll(
            DB::table('line_parts')->whereIn('line_id', $lines)->select(['line_id', 'asset_id']),
        )->get();
        $ended = $this->last
            ->of(array_values($lineOf->pluck('asset_id')->unique()->map(intval(...))->all()))
            ->pluck('to_at', 'asset_id');

        return $lineOf
            ->groupBy('line_id')
            ->map(static fn (Collection $of): string => (string) $of->map(
                static fn (stdClass $one): string => $ended[$one->asset_id] ?? '',
            )->max())
            ->filter()
            ->all();
    }

    /**
     * @param  array<int, int>  $lines
     * @return array<int, list<float|null>>
     */
    private function lately(array $lines, string $at): array
    {
        if ($lines === []) {
            return [];
        }
        $asked = implode(' UNION ALL ', array_fill(0, count($lines), self::LATELY));
        $rows = DB::select($asked, array_merge(...array_map(
            static fn (int $line): array => [$line, $at, self::SHIFTS],
            $lines,
        )));

        return collect($rows)
            ->sortBy('from_at')
            ->groupBy('line_id')
            ->map(static fn (Collection $shifts): array => array_values($shifts->map(
                static fn (stdClass $one): ?float => (int) $one->planned_s === 0
                    ? null
                    : (float) $one->good_s / (int) $one->planned_s,
            )->all()))
            ->all();
    }
}
