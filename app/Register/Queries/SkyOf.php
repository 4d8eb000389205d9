<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Frame\Sky;
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
    /**
     * @param  list<string>|null  $lines  paths of the lines that are seen; null: all
     * @param  Location|null  $area  the place whose sky it is, with its id and path
     * @return array{all: list<SkyPoint>, groups: list<array{name: string, href: string, points: list<SkyPoint>}>}
     */
    public function __invoke(int $siteId, ?array $lines, ?Location $area, string $by, LocalDate $today): array
    {
        $many = DB::table('asset_summaries')->where('site_id', $siteId)->count() > Sky::MOST_POINTS;
        $rows = $many
            ? $this->together($siteId, $lines, $area?->path, $by, $today)
            : $this->rows($siteId, $lines, $area?->path);
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
            $all[] = $point;
            $key = $by === 'class' ? (string) $row->class_name : $this->within($row->path, array_keys($groups));
            if ($key !== null && $by === 'class') {
                $groups[$key] ??= [
                    'name' => $key === '' ? 'without a class' : $key,
                    'href' => '/assets/table?class='.$row->class_id,
                    'points' => [],
                ];
            }
            if ($key !== null && isset($groups[$key])) {
                $groups[$key]['points'][] = $point;
            }
        }

        return ['all' => $all, 'groups' => array_values($groups)];
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
     * The same for more than can be drawn one by one: how many stand where, counted by the database.
     *
     * @param  list<string>|null  $lines
     * @return iterable<stdClass>
     */
    private function together(int $siteId, ?array $lines, ?string $path, string $by, LocalDate $today): iterable
    {
        $depth = $path === null ? 2 : substr_count(rtrim($path, '/'), '/') + 2;
        $group = $by === 'class' ? 'c.id' : "SUBSTRING_INDEX(a.path, '/', {$depth})";
        $share = 'LEAST(1000, GREATEST(0, 1000 * DATEDIFF(?, n.base_on) DIV GREATEST(1, DATEDIFF(n.next_due_on, '.
            'n.base_on))))';

        return $this->assets($siteId, $lines, $path)
            ->selectRaw(
                "CONCAT(MIN({$group}), '/') as path, MIN(c.id) as class_id, MIN(c.name) as class_name, n.urgency, ".
                    "COALESCE({$share}, 0) DIV 15 as slot, COUNT(*) as many",
                [(string) $today],
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

    private function crowd(stdClass $row): SkyPoint
    {
        $nearness = null;
        foreach (Nearness::cases() as $one) {
            $nearness = $one->rank() === (int) $row->urgency ? $one : $nearness;
        }
        $said = $nearness->value ?? 'without a schedule';
        $label = Wording::number((int) $row->many)." assets: {$said}";

        return new SkyPoint(
            $nearness,
            $nearness === Nearness::Late ? 1001 : 15 * (int) $row->slot,
            $label,
            $label,
            '/assets?near='.urlencode($nearness->value ?? 'none'),
            (int) $row->many,
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
