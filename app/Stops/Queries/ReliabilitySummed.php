<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ShiftRecord;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\ReliabilityByDays;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;

/**
 * How reliable assets were round the clock, added up from what is kept of whole days, where signals made far too many
 * stops to look at each. Stops of one asset follow each other, so that their seconds may be added; at the ends of the
 * period, and of what goes on, each is looked at.
 */
final readonly class ReliabilitySummed
{
    /**
     * @param  list<int>  $assetIds
     * @return array<int, array{Reliability, array<string, Reliability>}> by asset, of all and of each reason for which
     *     it failed; the time that was required is the whole period
     */
    public function each(int $siteId, array $assetIds, Span $period, int $now): array
    {
        if ($assetIds === []) {
            return [];
        }
        $is = ReliabilityByDays::of($period, $now);
        $parts = [];
        foreach ($this->days($siteId, $assetIds, $is->whole) as $row) {
            $parts[] = [$row, $is->ofDays(self::kind($row), (int) $row->stops, (int) $row->seconds)];
        }
        foreach ($this->atTheEnds($assetIds, $is) as $row) {
            $span = Span::between((int) $row->began, (int) $row->ended);
            $parts[] = [$row, $is->atAnEnd(self::kind($row), $span)];
        }
        foreach ($this->goingOn($assetIds, $period) as $row) {
            $parts[] = [$row, $is->goingOn(self::kind($row), Span::open((int) $row->began, null, $now))];
        }
        $nothing = Reliability::without($period->seconds());
        $by = array_fill_keys($assetIds, [$nothing, []]);
        foreach ($parts as [$row, $part]) {
            [$all, $failed] = $by[(int) $row->asset_id];
            if (self::kind($row)?->isFailure() ?? false) {
                $failed[$row->reason] = ($failed[$row->reason] ?? $nothing)->withMore($part);
            }
            $by[(int) $row->asset_id] = [$all->withMore($part), $failed];
        }

        return $by;
    }

    /**
     * The same of assets that are wanted in some of the time: of the whole period the failures, of each stretch in
     * which they were wanted the time that they stood.
     *
     * @param  list<int>  $assetIds
     * @return array<int, array{Reliability, array<string, Reliability>}>
     */
    public function required(ReliabilityAsked $asked, array $assetIds, int $now): array
    {
        $all = $this->each($asked->site->id, $assetIds, $asked->period, $now);
        if ($all === [] || $asked->required->seconds() === $asked->period->seconds()) {
            return $all;
        }
        $stretches = array_fill_keys($assetIds, []);
        foreach ($asked->required->spans() as $span) {
            foreach ($this->stoodIn($asked->site->id, $assetIds, $span, $now) as $id => $is) {
                $stretches[$id][] = $is;
            }
        }
        foreach ($all as $id => [$is, $failed]) {
            $all[$id] = [$is->requiredIn(...$stretches[$id]), $failed];
        }

        return $all;
    }

    /**
     * The time alone that assets stood in a stretch: of whole days nothing is looked at one by one.
     *
     * @param  list<int>  $assetIds
     * @return array<int, Reliability>
     */
    private function stoodIn(int $siteId, array $assetIds, Span $stretch, int $now): array
    {
        $is = ReliabilityByDays::of($stretch, $now);
        if ($is->whole->from !== $stretch->from || $is->whole->to < $stretch->to) {
            return array_map(
                static fn (array $one): Reliability => $one[0],
                $this->each($siteId, $assetIds, $stretch, $now),
            );
        }
        $by = array_fill_keys($assetIds, Reliability::without($stretch->seconds()));
        foreach ($this->days($siteId, $assetIds, $is->whole) as $row) {
            $part = $is->ofDays(self::kind($row), (int) $row->stops, (int) $row->seconds);
            $by[(int) $row->asset_id] = $by[(int) $row->asset_id]->withMore($part);
        }
        foreach ($this->goingOn($assetIds, $stretch) as $row) {
            $part = $is->goingOn(self::kind($row), Span::open((int) $row->began, null, $now));
            $by[(int) $row->asset_id] = $by[(int) $row->asset_id]->withMore($part);
        }

        return $by;
    }

    private static function kind(stdClass $row): ?StopKind
    {
        return $row->kind === null ? null : StopKind::from((string) $row->kind);
    }

    /**
     * @param  list<int>  $failedAt  epoch seconds
     * @return int how many of them lie in no failure that is known
     */
    public function without(int $assetId, array $failedAt): int
    {
        return count(array_filter($failedAt, static fn (int $at): bool => StoodIn::ids(
            ShiftRecord::at($at),
            ShiftRecord::at($at + 1),
            static fn (Builder $some) => $some->where('asset_id', $assetId)->where('kind', StopKind::Failure->value),
        )->doesntExist()));
    }

    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass>
     */
    private function days(int $siteId, array $assetIds, Span $whole): Collection
    {
        $days = StopSums::between(
            new DateTimeImmutable("@{$whole->from}"),
            new DateTimeImmutable("@{$whole->to}"),
            static fn (Builder $some) => $some->where('site_id', $siteId)->whereIn('asset_id', $assetIds),
            ['asset_id', 'reason', 'kind', 'stops', 'seconds'],
        );

        return DB::query()
            ->fromSub($days, 'd')
            ->groupBy('asset_id', 'reason', 'kind')
            ->select(['asset_id', 'reason', 'kind'])
            ->selectRaw('SUM(stops) as stops, SUM(seconds) as seconds')
            ->get()
            ->toBase();
    }

    /**
     * Those that are over, and stood before the first whole day or after the last, where that is not today.
     *
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass>
     */
    private function atTheEnds(array $assetIds, ReliabilityByDays $is): Collection
    {
        $of = static fn (Builder $some) => $some->whereIn('asset_id', $assetIds)->whereNotNull('to_at');
        $columns = ['id', 'asset_id', 'reason', 'kind', 'from_at', 'to_at'];
        $at = ShiftRecord::at(...);
        $stood = StoodIn::stops($columns, $at($is->period->from), $at($is->whole->from), $of, $assetIds);
        if ($is->whole->to < $is->period->to) {
            $stood->union(StoodIn::stops($columns, $at($is->whole->to), $at($is->period->to), $of, $assetIds));
        }

        return DB::query()
            ->fromSub($stood, 's')
            ->select(['s.asset_id', 's.reason', 's.kind'])
            ->selectRaw(StoodIn::epoch('s.from_at').' as began, '.StoodIn::epoch('s.to_at').' as ended')
            ->get()
            ->toBase();
    }

    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass>
     */
    private function goingOn(array $assetIds, Span $period): Collection
    {
        return DB::table('stops')
            ->whereIn('open_on', $assetIds)
            ->where('from_at', '<', ShiftRecord::at($period->to))
            ->select(['asset_id', 'reason', 'kind'])
            ->selectRaw(StoodIn::epoch('from_at').' as began')
            ->get()
            ->toBase();
    }
}
