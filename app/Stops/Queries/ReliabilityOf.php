<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Register\TreePath;
use Sundial\Stops\Reliability;
use Sundial\Stops\ReliabilityByDays;
use Sundial\Stops\StoppedFor;

/** How reliable assets were that stood or failed in a period: of each, or by reason. */
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
        if ($asset === null) {
            return Reliability::without(0);
        }
        $many = $this->stops->many($asked, $assetId);

        return $this->of($asked, [$asset], $many, $this->failed($asked, $assetId))[0][1];
    }

    /** @return list<array{stdClass, Reliability}> each asset of it that stood or failed */
    public function each(ReliabilityAsked $asked): array
    {
        return $this->of($asked, ...$this->stood($asked));
    }

    /** The place at the top under which an asset of it stands; 0 for none. */
    public static function placeOf(stdClass $asset): int
    {
        return TreePath::of((string) $asset->path)->topPlace() ?? 0;
    }

    /** @return array<int, string> the names of the classes, by id */
    public function classes(): array
    {
        return DB::table('equipment_classes')->pluck('name', 'id')->all();
    }

    /** @return array<int, string> the names of the places at the top, by id */
    public function places(int $siteId): array
    {
        return DB::table('locations')->where('site_id', $siteId)->whereNull('parent_id')->pluck('name', 'id')->all();
    }

    /**
     * Of all of them, each failure reason taken as if it were the only one: the time they ran stays the same.
     *
     * @param  Reliability  $quiet  that of those which did not stand
     * @return array<string, Reliability> by reason
     */
    public function byReason(ReliabilityAsked $asked, Reliability $quiet): array
    {
        $now = $this->clock->now()->getTimestamp();
        [$assets, $many] = $this->stood($asked);
        [$dense, $others] = $this->apart($asked, $assets, $many);
        $each = [];
        foreach ($this->stops->of($asked, $others, $many, $now) as [$asset, $stops]) {
            $each[] = $this->reasonsOf($asked, $asset, $stops);
        }
        $summed = $this->summed->required($asked, self::ids($dense), $now);
        $each = [...$each, ...array_values($summed)];
        $all = Reliability::sum($quiet, ...array_column($each, 0));
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
        $period = $asked->periodSince($asset->in_service_on);
        $required = $asked->requiredIn($period);
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
     * Those that stood so often that whole days are added up; and the others.
     *
     * @param  list<stdClass>  $assets
     * @param  array<int, int>  $many  about how many stops each has
     * @return array{list<stdClass>, list<stdClass>}
     */
    private function apart(ReliabilityAsked $asked, array $assets, array $many): array
    {
        $fits = ReliabilityByDays::fits($asked->period);
        [$of, $others] = [[], []];
        foreach ($assets as $asset) {
            $isAlways = $asked->periodSince($asset->in_service_on) === $asked->period;
            $fits && $isAlways && ($many[$asset->id] ?? 0) > self::DENSE
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

    /**
     * @return array{list<stdClass>, array<int, int>, array<int, list<int>>} the assets that stood or failed, about how
     *     many stops each has, and when each failed as orders recorded it
     */
    private function stood(ReliabilityAsked $asked): array
    {
        $many = $this->stops->many($asked, null);
        $failed = $this->failed($asked, null);
        $ids = array_unique([...array_keys($many), ...array_keys($failed)]);

        return [array_values($this->assets($asked)->whereIn('a.id', $ids)->get()->all()), $many, $failed];
    }

    private function assets(ReliabilityAsked $asked): Builder
    {
        return $asked->assets()->select(['a.id', 'a.name', 'a.tag', 'a.path', 'a.in_service_on', 'a.class_id']);
    }

    /**
     * @param  list<stdClass>  $assets
     * @param  array<int, int>  $many  about how many stops each has
     * @param  array<int, list<int>>  $failed  when each failed as orders recorded it
     * @return list<array{stdClass, Reliability}>
     */
    private function of(ReliabilityAsked $asked, array $assets, array $many, array $failed): array
    {
        $now = $this->clock->now()->getTimestamp();
        [$dense, $others] = $this->apart($asked, $assets, $many);
        $each = [];
        $summed = $this->summed->required($asked, self::ids($dense), $now);
        foreach ($dense as $asset) {
            $alone = $this->summed->without((int) $asset->id, $failed[(int) $asset->id] ?? []);
            $each[] = [$asset, $summed[(int) $asset->id][0]->withMore(Reliability::counted(0, 0, $alone, 0, 0, 0))];
        }
        foreach ($this->stops->of($asked, $others, $many, $now) as [$asset, $stops]) {
            $period = $asked->periodSince($asset->in_service_on);
            $each[] = [$asset, Reliability::of(
                $period,
                $asked->requiredIn($period),
                array_column($stops, 0),
                $failed[(int) $asset->id] ?? [],
            )];
        }

        return $each;
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
