<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\Reliability;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

/** How reliable assets were in a period: of each, or added up by class. */
final readonly class ReliabilityOf
{
    public function __construct(private Clock $clock)
    {
    }

    public function asset(ReliabilityAsked $asked, int $assetId): Reliability
    {
        $asset = $this->assets($asked)->where('a.id', $assetId)->first();

        return $asset === null ? Reliability::without(0) : $this->of($asked, [$asset])[0][1];
    }

    /** @return list<array{stdClass, Reliability}> each asset of it */
    public function each(ReliabilityAsked $asked): array
    {
        return $this->of($asked, array_values($this->assets($asked)->get()->all()));
    }

    private function assets(ReliabilityAsked $asked): Builder
    {
        return DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where('a.site_id', $asked->site->id)
            ->whereIn('a.life_state', ['in service', 'standby'])
            ->when($asked->path !== null, static fn (Builder $some) => $some
                ->where('a.path', 'like', addcslashes((string) $asked->path, '%_\\').'%'))
            ->select(['a.id', 'a.name', 'a.tag', 'a.in_service_on', 'c.id as class_id', 'c.name as class']);
    }

    /**
     * @param  list<stdClass>  $assets
     * @return list<array{stdClass, Reliability}>
     */
    private function of(ReliabilityAsked $asked, array $assets): array
    {
        $ids = array_map(static fn (stdClass $one): int => (int) $one->id, $assets);
        $stops = $this->stops($asked, $ids);
        $failed = $this->failed($asked, $ids);
        $whole = $asked->required->seconds();
        $each = [];
        foreach ($assets as $asset) {
            $period = $this->period($asked, $asset);
            $id = (int) $asset->id;
            $required = $period === $asked->period ? $asked->required : $asked->required->within($period);
            $each[] = [$asset, isset($stops[$id]) || isset($failed[$id])
                ? Reliability::of($period, $required, $stops[$id] ?? [], $failed[$id] ?? [])
                : Reliability::without($period === $asked->period ? $whole : $required->seconds())];
        }

        return $each;
    }

    /** Not before it was in service. */
    private function period(ReliabilityAsked $asked, stdClass $asset): Span
    {
        $from = $asset->in_service_on === null
            ? 0
            : RequiredTime::midnight(LocalDate::parse((string) $asset->in_service_on), $asked->site->zone());

        return $from <= $asked->period->from
            ? $asked->period
            : Span::between(min($from, $asked->period->to), $asked->period->to);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, list<StoppedFor>>
     */
    private function stops(ReliabilityAsked $asked, array $ids): array
    {
        $now = $this->clock->now()->getTimestamp();
        $rows = DB::table('stops')
            ->where('site_id', $asked->site->id)
            ->whereNull('struck_at')
            ->where('from_at', '<', self::at($asked->period->to))
            ->where(static fn (Builder $any) => $any
                ->whereNull('to_at')
                ->orWhere('to_at', '>', self::at($asked->period->from)))
            ->when(count($ids) === 1, static fn (Builder $some) => $some->where('asset_id', $ids[0]))
            ->get(['asset_id', 'from_at', 'to_at', 'kind']);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->asset_id][] = StoppedFor::ofKind(
                $row->kind === null ? null : StopKind::from((string) $row->kind),
                self::second((string) $row->from_at),
                $row->to_at === null ? null : self::second((string) $row->to_at),
                $now,
            );
        }

        return $by;
    }

    /**
     * Failures that orders recorded; those inside a failure stop are not counted again.
     *
     * @param  list<int>  $ids
     * @return array<int, list<int>>
     */
    private function failed(ReliabilityAsked $asked, array $ids): array
    {
        $rows = DB::table('failures')
            ->where('site_id', $asked->site->id)
            ->where('failed_at', '>=', self::at($asked->period->from))
            ->where('failed_at', '<', self::at($asked->period->to))
            ->when(count($ids) === 1, static fn (Builder $some) => $some->where('asset_id', $ids[0]))
            ->get(['asset_id', 'failed_at']);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->asset_id][] = self::second((string) $row->failed_at);
        }

        return $by;
    }

    private static function at(int $second): string
    {
        return gmdate('Y-m-d H:i:s', $second);
    }

    private static function second(string $at): int
    {
        return (new DateTimeImmutable($at, new DateTimeZone('UTC')))->getTimestamp();
    }
}
