<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Register\TreePath;
use Sundial\Stops\Reliability;
use Sundial\Stops\ReliabilityByDays;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StoppedFor;

/** How reliable assets were in a period: of each, or added up by class. */
final readonly class ReliabilityOf
{
    /** An asset with so many stops is added up by the database. */
    private const DENSE = 5_000;

    public function __construct(private StopsByAsset $stops, private ReliabilitySummed $summed, private Clock $clock)
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
        return $this->of($asked, $this->all($asked));
    }

    /** The place at the top under which an asset of it stands; 0 for none. */
    public static function placeOf(stdClass $asset): int
    {
        return TreePath::of((string) $asset->path)->topPlace() ?? 0;
    }

    /** @return array<int, string> the names of the places at the top, by id */
    public function places(int $siteId): array
    {
        return DB::table('locations')->where('site_id', $siteId)->whereNull('parent_id')->pluck('name', 'id')->all();
    }

    /**
     * Of all of them, each failure reason taken as if it were the only one: the time they ran stays the same.
     *
     * @return array<string, Reliability> by reason
     */
    public function byReason(ReliabilityAsked $asked): array
    {
        $now = $this->clock->now()->getTimestamp();
        $assets = $this->all($asked);
        $many = $this->stops->many($asked, $assets);
        [$dense, $others] = $this->apart($asked, $assets, $many);
        $each = [];
        foreach ($this->stops->of($asked, $others, $many, $now) as [$asset, $stops]) {
            $each[] = $this->reasonsOf($asked, $asset, $stops);
        }
        $each = [...$each, ...array_values($this->summed->each(self::ids($dense), $asked->period, $now))];
        $all = Reliability::sum(...array_column($each, 0));
        $by = [];
        foreach (array_column($each, 1) as $failed) {
            foreach ($failed as $reason => $one) {
                $by[$reason] = Reliability::sum($by[$reason] ?? Reliability::without(0), $one);
            }
        }

        return array_map(static fn (Reliability $of): Reliability => $all->withFailuresOf($of), $by);
    }

    /**
     * @param  list<array{StoppedFor, string}>  $stops  each with its reason
     * @return array{Reliability, array<string, Reliability>} of all, and of each reason for which it failed
     */
    private function reasonsOf(ReliabilityAsked $asked, stdClass $asset, array $stops): array
    {
        $period = $this->period($asked, $asset);
        $required = $this->required($asked, $period);
        $failed = [];
        foreach ($stops as [$one, $reason]) {
            if ($one->failed) {
                $failed[$reason][] = $one;
            }
        }

        return [Reliability::of($period, $required, array_column($stops, 0)), array_map(
            static fn (array $some): Reliability => Reliability::of($period, $required, $some),
            $failed,
        )];
    }

    /**
     * Those that stood so often that whole days are added up, where they are wanted round the clock; and the others.
     *
     * @param  list<stdClass>  $assets
     * @param  array<int, int>  $many  about how many stops each has
     * @return array{list<stdClass>, list<stdClass>}
     */
    private function apart(ReliabilityAsked $asked, array $assets, array $many): array
    {
        $isRound = $asked->required->seconds() === $asked->period->seconds() &&
            ReliabilityByDays::fits($asked->period);
        [$of, $others] = [[], []];
        foreach ($assets as $asset) {
            $isRound && ($many[$asset->id] ?? 0) > self::DENSE && $this->period($asked, $asset) === $asked->period
                ? $of[] = $asset
                : $others[] = $asset;
        }

        return [$of, $others];
    }

    /**
     * @param  list<stdClass>  $assets
     * @return list<int>
     */
    private static function ids(array $assets): array
    {
        return array_map(static fn (stdClass $one): int => (int) $one->id, $assets);
    }

    /** @return list<stdClass> */
    private function all(ReliabilityAsked $asked): array
    {
        return array_values($this->assets($asked)->get()->all());
    }

    private function assets(ReliabilityAsked $asked): Builder
    {
        return DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where('a.site_id', $asked->site->id)
            ->whereIn('a.life_state', ['in service', 'standby'])
            ->when($asked->path !== null, static fn (Builder $some) => $some
                ->where('a.path', 'like', addcslashes((string) $asked->path, '%_\\').'%'))
            ->select(['a.id', 'a.name', 'a.tag', 'a.path', 'a.in_service_on', 'c.id as class_id', 'c.name as class']);
    }

    /**
     * @param  list<stdClass>  $assets
     * @return list<array{stdClass, Reliability}>
     */
    private function of(ReliabilityAsked $asked, array $assets): array
    {
        $failed = $this->failed($asked, count($assets) === 1 ? (int) $assets[0]->id : null);
        $now = $this->clock->now()->getTimestamp();
        $whole = $asked->required->seconds();
        $many = $this->stops->many($asked, $assets);
        [$dense, $others] = $this->apart($asked, $assets, $many);
        $each = [];
        $summed = $this->summed->each(self::ids($dense), $asked->period, $now);
        foreach ($dense as $asset) {
            $alone = $this->summed->without((int) $asset->id, $failed[(int) $asset->id] ?? []);
            $each[] = [$asset, $summed[(int) $asset->id][0]->withMore(Reliability::counted(0, 0, $alone, 0, 0, 0))];
        }
        foreach ($this->stops->of($asked, $others, $many, $now) as [$asset, $stops]) {
            $period = $this->period($asked, $asset);
            $failedAt = $failed[(int) $asset->id] ?? [];
            $required = $period === $asked->period ? $whole : $this->required($asked, $period)->seconds();
            $each[] = [$asset, $stops === [] && $failedAt === []
                ? Reliability::without($required)
                : Reliability::of(
                    $period,
                    $this->required($asked, $period),
                    array_column($stops, 0),
                    $failedAt,
                )];
        }

        return $each;
    }

    private function required(ReliabilityAsked $asked, Span $period): SpanSet
    {
        return $period === $asked->period ? $asked->required : $asked->required->within($period);
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
     * Failures that orders recorded; those inside a failure stop are not counted again.
     *
     * @return array<int, list<int>>
     */
    private function failed(ReliabilityAsked $asked, ?int $assetId): array
    {
        $rows = DB::table('failures')
            ->where('site_id', $asked->site->id)
            ->where('failed_at', '>=', ShiftRecord::at($asked->period->from))
            ->where('failed_at', '<', ShiftRecord::at($asked->period->to))
            ->when($assetId !== null, static fn (Builder $some) => $some->where('asset_id', $assetId))
            ->get(['asset_id', 'failed_at']);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->asset_id][] = ShiftRecord::second((string) $row->failed_at);
        }

        return $by;
    }
}
