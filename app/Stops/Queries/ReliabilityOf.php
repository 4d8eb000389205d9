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

    /**
     * Of all of them, each failure reason taken as if it were the only one: the time they ran stays the same.
     *
     * @return array<string, Reliability> by reason
     */
    public function byReason(ReliabilityAsked $asked): array
    {
        $assets = array_values($this->assets($asked)->get()->all());
        $stops = $this->stops($asked, []);
        $reasons = [];
        foreach (array_merge(...array_values($stops)) as [$one, $reason]) {
            if ($one->failed) {
                $reasons[$reason] = [];
            }
        }
        foreach ($assets as $asset) {
            $period = $this->period($asked, $asset);
            $required = $asked->required->within($period);
            foreach (array_keys($reasons) as $reason) {
                $stood = self::failedFor($stops[(int) $asset->id] ?? [], (string) $reason);
                $reasons[$reason][] = $stood === []
                    ? Reliability::without($required->seconds())
                    : Reliability::of($period, $required, $stood, []);
            }
        }

        return array_map(static fn (array $some): Reliability => Reliability::sum(...$some), $reasons);
    }

    /**
     * @param  list<array{StoppedFor, string}>  $stops
     * @return list<StoppedFor> what failed for other reasons is down time alone
     */
    private static function failedFor(array $stops, string $reason): array
    {
        return array_map(
            static fn (array $one): StoppedFor => $one[1] === $reason ? $one[0] : $one[0]->asDownTime(),
            $stops,
        );
    }

    private function assets(ReliabilityAsked $asked): Builder
    {
        return DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where('a.site_id', $asked->site->id)
            ->whereIn('a.life_state', ['in service', 'standby'])
            ->when($asked->path !== null, static fn (Builder $some) => $some
                ->where('a.path', 'like', addcslashes((string) $asked->path, '%_\\').'%'))
            // The place at the top under which it stands.
            ->leftJoin('locations as p', static fn ($on) => $on
                ->on('p.site_id', '=', 'a.site_id')
                ->whereNull('p.parent_id')
                ->whereRaw("a.path LIKE CONCAT(p.path, '%')"))
            ->select(['a.id', 'a.name', 'a.tag', 'a.in_service_on', 'c.id as class_id', 'c.name as class'])
            ->addSelect(['p.id as place_id', 'p.name as place']);
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
                ? Reliability::of($period, $required, array_column($stops[$id] ?? [], 0), $failed[$id] ?? [])
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
     * @return array<int, list<array{StoppedFor, string}>> each with its reason
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
            ->get(['asset_id', 'from_at', 'to_at', 'kind', 'reason']);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->asset_id][] = [StoppedFor::ofKind(
                $row->kind === null ? null : StopKind::from((string) $row->kind),
                self::second((string) $row->from_at),
                $row->to_at === null ? null : self::second((string) $row->to_at),
                $now,
            ), (string) $row->reason];
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
