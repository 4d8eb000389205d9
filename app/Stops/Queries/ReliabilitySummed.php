<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;

/**
 * How reliable an asset was, added up by the database where signals made far too many stops to look at each. Stops of
 * one asset follow each other, so that their seconds may be added; it is asked for one stretch of time alone.
 */
final readonly class ReliabilitySummed
{
    /** @param  list<int>  $failedAt  failures of which perhaps no stop is known, as epoch seconds */
    public function of(int $assetId, Span $period, SpanSet $required, array $failedAt, int $now): Reliability
    {
        $wanted = $required->within($period);
        $failed = array_values(array_filter($failedAt, static fn (int $at): bool => $period->holds($at)));

        return self::sum($wanted, $this->rows($assetId, $period, $wanted, $now))->withMoreFailures(
            $this->without($assetId, $failed),
        );
    }

    /** @return array{Reliability, array<string, Reliability>} of all, and of each reason for which it failed */
    public function byReason(int $assetId, Span $period, SpanSet $required, int $now): array
    {
        $wanted = $required->within($period);
        $rows = $this->rows($assetId, $period, $wanted, $now);
        $failed = $rows->filter(static fn (stdClass $row): bool => self::kind($row)?->isFailure() ?? false);

        return [self::sum($wanted, $rows), $failed
            ->groupBy('reason')
            ->map(static fn (Collection $some): Reliability => self::sum($wanted, $some))
            ->all()];
    }

    /** @param  Collection<int, stdClass>  $rows */
    private static function sum(SpanSet $wanted, Collection $rows): Reliability
    {
        $failed = $rows->filter(static fn (stdClass $row): bool => self::kind($row)?->isFailure() ?? false);
        $technical = $rows->filter(static fn (stdClass $row): bool => self::kind($row)?->isTechnical() ?? false);

        return Reliability::counted(
            $wanted->seconds(),
            (int) $rows->sum('down'),
            (int) $failed->sum('begun'),
            (int) $failed->sum('finished'),
            (int) $failed->sum('restored'),
            (int) $technical->sum('down'),
        );
    }

    private static function kind(stdClass $row): ?StopKind
    {
        return $row->kind === null ? null : StopKind::from($row->kind);
    }

    /** @return Collection<int, stdClass> reason, kind, begun, finished, restored and down, in seconds */
    private function rows(int $assetId, Span $period, SpanSet $required, int $now): Collection
    {
        $wanted = $required->spans()[0] ?? Span::between($period->from, $period->from);
        $from = self::second('from_at');
        $to = 'COALESCE('.self::second('to_at').", GREATEST({$now}, {$from}))";
        $begun = "from_at >= '".self::at($period->from)."'";

        return DB::table('stops')
            ->forceIndex('stops_asset_id_from_at_index')
            ->where('asset_id', $assetId)
            ->whereNull('struck_at')
            ->where('from_at', '<', self::at($period->to))
            ->where(static fn (Builder $any) => $any
                ->whereNull('to_at')
                ->orWhere('to_at', '>', self::at($period->from)))
            ->groupBy('reason', 'kind')
            ->select(['reason', 'kind'])
            ->selectRaw("SUM({$begun}) as begun, SUM({$begun} AND to_at IS NOT NULL) as finished")
            ->selectRaw("SUM(IF({$begun} AND to_at IS NOT NULL, {$to} - {$from}, 0)) as restored")
            ->selectRaw("SUM(GREATEST(0, LEAST({$to}, {$wanted->to}) - GREATEST({$from}, {$wanted->from}))) as down")
            ->get()
            ->toBase();
    }

    /**
     * @param  list<int>  $failedAt
     * @return int how many of them lie in no failure that is known
     */
    private function without(int $assetId, array $failedAt): int
    {
        return count(array_filter($failedAt, static fn (int $at): bool => StoodIn::ids(
            self::at($at),
            self::at($at + 1),
            static fn (Builder $some) => $some->where('asset_id', $assetId)->where('kind', StopKind::Failure->value),
        )->doesntExist()));
    }

    private static function second(string $column): string
    {
        return "TIMESTAMPDIFF(SECOND, '1970-01-01', {$column})";
    }

    private static function at(int $second): string
    {
        return gmdate('Y-m-d H:i:s', $second);
    }
}
