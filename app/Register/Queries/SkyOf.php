<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Frame\Sky;
use App\Platform\Frame\SkyFan;
use App\Platform\Frame\SkyPoint;
use App\Platform\Frame\Wording;
use App\Register\Models\Location;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;

/**
 * Every asset of a site, or of a place in it, where its most urgent visit has come to; and how many stand where, by
 * area or by class. Retired assets are in no sky.
 */
final readonly class SkyOf
{
    /** The leaf of the fan for the share of the interval that has passed on a day, in SQL. */
    private const SLOT = 'COALESCE(LEAST(1000, GREATEST(0, 1000 * DATEDIFF(?, n.base_on) DIV '.
        'GREATEST(1, DATEDIFF(n.next_due_on, n.base_on)))), 0) * ? DIV 1001';

    /**
     * @param  list<string>|null  $lines  paths of the lines that are seen; null: all
     * @param  Location|null  $area  the place whose sky it is, with its id and path
     * @return array{all: list<SkyPoint>, groups: list<array{name: string, href: string|null, points: list<SkyPoint>}>}
     */
    public function __invoke(int $siteId, ?array $lines, ?Location $area, string $by, LocalDate $today): array
    {
        $many = DB::table('asset_summaries')
            ->where('site_id', $siteId)
            ->offset(Sky::MOST_POINTS)
            ->limit(1)
            ->pluck('asset_id')
            ->isNotEmpty();
        $rows = match (true) {
            ! $many => $this->rows($siteId, $lines, $area?->path),
            $area === null && $lines === null && $by !== 'class' => $this->areas($siteId, $today),
            default => $this->together($siteId, $lines, $area?->path, $by, $today),
        };
        $places = DB::table('locations')
            ->where('site_id', $siteId)
            ->where(
                static fn (Builder $of) => $area === null
                    ? $of->whereNull('parent_id')
                    : $of->where('parent_id', $area->id),
            )
            ->orderBy('name')
            ->get(['id', 'name', 'path']);
        /** @var array<string, array{name: string, href: string, points: list<SkyPoint>}> $groups */
        $groups = [];
        if ($by !== 'class') {
            foreach ($places as $place) {
                $groups[$place->path] = ['name' => $place->name, 'href' => "/assets?area={$place->id}", 'points' => []];
            }
        }
        $all = [];
        foreach ($rows as $row) {
            $point = $many ? $this->crowd($row) : $this->point($row, $today);
            $where = $many ? "{$row->urgency} {$row->slot}" : count($all);
            $all[$where] = isset($all[$where]) ? $this->crowd($row, $all[$where]->many) : $point;
            $key = $by === 'class' ? (string) $row->class_name : $this->within($row->path, array_keys($groups));
            if ($key !== null && $by === 'class') {
                $groups[$key] ??= [
                    'name' => $key === '' ? 'without a class' : $key,
                    // The table is for whoever sees the whole plant.
                    'href' => $lines === null ? '/assets/table?class='.$row->class_id : null,
                    'points' => [],
                ];
            }
            if ($key !== null && isset($groups[$key])) {
                $groups[$key]['points'][] = $point;
            }
        }

        return ['all' => array_values($all), 'groups' => array_values($groups)];
    }

    /** @param  list<string>  $paths */
    private function within(string $path, array $paths): ?string
    {
        foreach ($paths as $one) {
            if (str_starts_with($path, $one)) {
                return $one;
            }
        }

        return null;
    }

    /**
     * @param  list<string>|null  $lines
     * @return iterable<stdClass>
     */
    private function rows(int $siteId, ?array $lines, ?string $path): iterable
    {
        return $this->assets($siteId, $lines, $path)
            ->orderByRaw('c.name IS NULL')
            ->orderBy('n.urgency')
            ->orderBy('n.urgent_on')
            ->orderBy('a.tag')
            ->get([...AssetLine::COLUMNS, 'a.path', 'a.class_id', 'c.name as class_name']);
    }

    /**
     * For more than can be drawn one by one: how many stand where in each area of a site, counted from one index.
     *
     * @return iterable<stdClass>
     */
    private function areas(int $siteId, LocalDate $today): iterable
    {
        return DB::table('asset_summaries as n')
            ->where('n.site_id', $siteId)
            ->whereNotNull('n.area_id')
            ->selectRaw(
                "CONCAT('/L', n.area_id, '/') as path, n.urgency, ".self::SLOT.' as slot, COUNT(*) as many',
                [(string) $today, SkyFan::LEAVES],
            )
            ->groupBy('n.area_id', 'n.urgency', 'slot')
            ->orderByDesc('n.urgency')
            ->get();
    }

    /**
     * The same of a place in it, of some lines, or by class.
     *
     * @param  list<string>|null  $lines
     * @return iterable<stdClass>
     */
    private function together(int $siteId, ?array $lines, ?string $path, string $by, LocalDate $today): iterable
    {
        $depth = $path === null ? 2 : substr_count(rtrim($path, '/'), '/') + 2;
        $group = $by === 'class' ? 'c.id' : "SUBSTRING_INDEX(a.path, '/', {$depth})";

        return $this->assets($siteId, $lines, $path)
            ->selectRaw(
                "CONCAT(MIN({$group}), '/') as path, MIN(c.id) as class_id, MIN(c.name) as class_name, n.urgency, ".
                    self::SLOT.' as slot, COUNT(*) as many',
                [(string) $today, SkyFan::LEAVES],
            )
            ->groupByRaw("{$group}, n.urgency, slot")
            ->orderByDesc('n.urgency')
            ->get();
    }

    /** @param  list<string>|null  $lines */
    private function assets(int $siteId, ?array $lines, ?string $path): Builder
    {
        return DB::table('assets as a')
            ->join('asset_summaries as n', 'n.asset_id', '=', 'a.id')
            ->leftJoin('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where('a.site_id', $siteId)
            ->where('a.life_state', '<>', 'retired')
            ->when($path !== null, static fn (Builder $some) => $some->where('a.path', 'like', "{$path}%"))
            ->tap(static fn (Builder $some) => VisibleLines::onLines($some, $lines, 'a.path'));
    }

    /** @param  int  $beside  how many more stand there, in other areas or classes */
    private function crowd(stdClass $row, int $beside = 0): SkyPoint
    {
        $many = (int) $row->many + $beside;
        $nearness = null;
        foreach (Nearness::cases() as $one) {
            $nearness = $one->rank() === (int) $row->urgency ? $one : $nearness;
        }
        $said = $nearness->value ?? 'without a schedule';
        $label = Wording::number($many)." assets: {$said}";

        return new SkyPoint(
            $nearness,
            $nearness === Nearness::Late ? 1001 : intdiv(1000 * (2 * (int) $row->slot + 1), 2 * SkyFan::LEAVES),
            $label,
            $label,
            '/assets?near='.urlencode($nearness->value ?? 'none'),
            $many,
        );
    }

    private function point(stdClass $row, LocalDate $today): SkyPoint
    {
        $line = AssetLine::of($row, $today);
        $standing = explode(' · ', $line->words)[0];

        return new SkyPoint(
            $line->nearness,
            $line->nearness === Nearness::Late ? max(1001, $line->consumed ?? 1001) : $line->consumed ?? 0,
            "{$line->tag} {$line->name}: {$standing}",
            "{$line->name}, {$standing}",
            "/assets/{$line->id}",
        );
    }
}
