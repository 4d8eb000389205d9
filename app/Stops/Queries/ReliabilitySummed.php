<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;

/**
 * How reliable assets were round the clock, added up from what is kept of whole days, where signals made far too many
 * stops to look at each. Stops of one asset follow each other, so that their seconds may be added; at the ends of the
 * period, and of what goes on, each is looked at.
 */
final readonly class ReliabilitySummed
{
    private const DAY = 86_400;

    /** A shorter period has no whole days worth adding up. */
    public const LEAST = 3 * self::DAY;

    /**
     * @param  list<int>  $assetIds
     * @return array<int, array<string, array{Reliability, StopKind|null}>> by asset, of each reason and kind alone; the
     *     time that was required is the whole period
     */
    public function each(array $assetIds, Span $period, int $now): array
    {
        $first = intdiv($period->from + self::DAY - 1, self::DAY) * self::DAY;
        $whole = Span::between($first, max($first, intdiv($period->to, self::DAY) * self::DAY));
        $by = [];
        $add = static function (stdClass $row, int $down, int $begun, int $finished, int $repair) use (
            &$by,
            $period,
        ): void {
            $kind = $row->kind === null ? null : StopKind::from((string) $row->kind);
            $of = "{$row->kind} {$row->reason}";
            $is = Reliability::counted(
                $period->seconds(),
                $down,
                $kind?->isFailure() ? $begun : 0,
                $kind?->isFailure() ? $finished : 0,
                $kind?->isFailure() ? $repair : 0,
                $kind?->isTechnical() ? $down : 0,
            );
            $before = $by[(int) $row->asset_id][$of][0] ?? null;
            $by[(int) $row->asset_id][$of] = [$before === null ? $is : $before->withMore($is), $kind];
        };
        foreach ($this->days($assetIds, $whole) as $row) {
            $add($row, (int) $row->seconds, (int) $row->stops, (int) $row->stops, (int) $row->seconds);
        }
        foreach ($this->atTheEnds($assetIds, $period, $whole) as $row) {
            $span = Span::between((int) $row->began, (int) $row->ended);
            $inside = $span->cut($period)->seconds();
            $down = $inside - $span->cut($whole)->seconds();
            $begun = $period->holds($span->from) && ! $whole->holds($span->from) ? 1 : 0;
            // Of one that began before the period nothing is its repair; of one that outlasts it, all is.
            $repair = $period->holds($span->from) ? $span->seconds() - $inside : -$inside;
            $add($row, $down, $begun, $begun, $down + $repair);
        }
        foreach ($this->goingOn($assetIds, $period) as $row) {
            $span = Span::open((int) $row->began, null, $now);
            $add($row, $span->cut($period)->seconds(), $period->holds($span->from) ? 1 : 0, 0, 0);
        }

        return $by;
    }

    /**
     * @param  list<int>  $failedAt  epoch seconds
     * @return int how many of them lie in no failure that is known
     */
    public function without(int $assetId, array $failedAt): int
    {
        return count(array_filter($failedAt, static fn (int $at): bool => StoodIn::ids(
            self::at($at),
            self::at($at + 1),
            static fn (Builder $some) => $some->where('asset_id', $assetId)->where('kind', StopKind::Failure->value),
        )->doesntExist()));
    }

    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass>
     */
    private function days(array $assetIds, Span $whole): Collection
    {
        return DB::table('stop_days')
            ->whereIn('asset_id', $assetIds)
            ->where('day', '>=', gmdate('Y-m-d', $whole->from))
            ->where('day', '<', gmdate('Y-m-d', $whole->to))
            ->groupBy('asset_id', 'reason', 'kind')
            ->select(['asset_id', 'reason', 'kind'])
            ->selectRaw('SUM(stops) as stops, SUM(seconds) as seconds')
            ->get()
            ->toBase();
    }

    /**
     * Those that are over, and stood before the first whole day or after the last.
     *
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass>
     */
    private function atTheEnds(array $assetIds, Span $period, Span $whole): Collection
    {
        $of = static fn (Builder $some) => $some->whereIn('asset_id', $assetIds)->whereNotNull('to_at');
        $ids = StoodIn::ids(self::at($period->from), self::at($whole->from), $of)->union(
            StoodIn::ids(self::at($whole->to), self::at($period->to), $of),
        );

        return DB::table('stops as s')
            ->joinSub($ids, 'stood', 'stood.id', '=', 's.id')
            ->select(['s.asset_id', 's.reason', 's.kind'])
            ->selectRaw(self::second('s.from_at').' as began, '.self::second('s.to_at').' as ended')
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
            ->where('from_at', '<', self::at($period->to))
            ->select(['asset_id', 'reason', 'kind'])
            ->selectRaw(self::second('from_at').' as began')
            ->get()
            ->toBase();
    }

    private static function second(string $column): string
    {
        return "TO_SECONDS({$column}) - TO_SECONDS('1970-01-01')";
    }

    private static function at(int $second): string
    {
        return gmdate('Y-m-d H:i:s', $second);
    }
}
