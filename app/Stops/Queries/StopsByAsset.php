<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ShiftRecord;
use DateTimeImmutable;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

/** What assets stood for in a period, one stop after the other. */
final readonly class StopsByAsset
{
    /** So many stops are asked for at a time. */
    private const AT_ONCE = 200_000;

    /**
     * Each asset with what it stood for, in order: so many assets at a time that what the database sends of them fits
     * into memory, whatever signals made.
     *
     * @param  list<stdClass>  $assets
     * @param  array<int, int>  $many  about how many stops each has
     * @return Generator<int, array{stdClass, list<array{StoppedFor, string}>}> with the reason of each
     */
    public function of(ReliabilityAsked $asked, array $assets, array $many, int $now): Generator
    {
        usort($assets, static fn (stdClass $a, stdClass $b): int => $a->id <=> $b->id);
        [$batch, $stops] = [[], 0];
        foreach ($assets as $asset) {
            $its = $many[$asset->id] ?? 0;
            if ($batch !== [] && $stops + $its > self::AT_ONCE) {
                yield from $this->batch($asked, $batch, $many, $now);
                [$batch, $stops] = [[], 0];
            }
            $batch[] = $asset;
            $stops += $its;
        }
        yield from $batch === [] ? [] : $this->batch($asked, $batch, $many, $now);
    }

    /** @return array<int, int> by asset that stood, about how many stops it has in the period */
    public function many(ReliabilityAsked $asked, ?int $assetId): array
    {
        $of = static fn (Builder $some) => $assetId === null
            ? $some->where('site_id', $asked->site->id)
            : $some->where('asset_id', $assetId);
        $open = $of($this->stood($asked)->whereNotNull('open_on'))->selectRaw('asset_id, 1 as stops');
        $days = StopSums::between(
            new DateTimeImmutable(gmdate('Y-m-d', $asked->period->from)),
            new DateTimeImmutable(gmdate('Y-m-d', $asked->period->to).' +1 day'),
            $of,
            ['asset_id', 'stops'],
        );

        return DB::query()
            ->fromSub($days->unionAll($open), 'd')
            ->groupBy('asset_id')
            ->selectRaw('asset_id, SUM(stops) as n')
            ->pluck('n', 'asset_id')
            ->map(static fn (mixed $n): int => (int) $n)
            ->all();
    }

    /**
     * @param  list<stdClass>  $assets  by id
     * @param  array<int, int>  $many
     * @return Generator<int, array{stdClass, list<array{StoppedFor, string}>}> with the reason of each
     */
    private function batch(ReliabilityAsked $asked, array $assets, array $many, int $now): Generator
    {
        $ids = array_values(array_filter(
            array_map(static fn (stdClass $one): int => (int) $one->id, $assets),
            static fn (int $id): bool => isset($many[$id]),
        ));
        $rows = $ids === [] ? null : $this->rows($asked, $ids);
        foreach ($assets as $asset) {
            yield [$asset, $rows !== null && isset($many[$asset->id]) ? self::next($rows, (int) $asset->id, $now) : []];
        }
    }

    /**
     * Those of one asset, out of rows by asset.
     *
     * @param  Generator<int, stdClass>  $rows
     * @return list<array{StoppedFor, string}>
     */
    private static function next(Generator $rows, int $assetId, int $now): array
    {
        $kinds = array_column(StopKind::cases(), null, 'value');
        $stops = [];
        for (; $rows->valid() && (int) $rows->current()->asset_id === $assetId; $rows->next()) {
            $row = $rows->current();
            $stops[] = [
                StoppedFor::ofKind(
                    $kinds[$row->kind] ?? null,
                    (int) $row->began,
                    $row->ended === null ? null : (int) $row->ended,
                    $now,
                ),
                (string) $row->reason,
            ];
        }

        return $stops;
    }

    /**
     * @param  list<int>  $ids
     * @return Generator<int, stdClass> by asset, in order
     */
    private function rows(ReliabilityAsked $asked, array $ids): Generator
    {
        yield from $this->stood($asked)
            ->forceIndex('PRIMARY')
            ->whereIn('asset_id', $ids)
            ->orderBy('asset_id')
            ->orderBy('from_at')
            ->select(['asset_id', 'kind', 'reason'])
            ->selectRaw(StoodIn::epoch('from_at').' as began')
            ->selectRaw(StoodIn::epoch('to_at').' as ended')
            ->cursor();
    }

    private function stood(ReliabilityAsked $asked): Builder
    {
        return DB::table('stops')
            ->where('site_id', $asked->site->id)
            ->whereNull('struck_at')
            ->where('from_at', '<', ShiftRecord::at($asked->period->to))
            ->where(static fn (Builder $any) => $any
                ->whereNull('to_at')
                ->orWhere('to_at', '>', ShiftRecord::at($asked->period->from)));
    }
}
