<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Planning\Visit\Nearness;

/**
 * The register as a tree, a level at a time: locations first, then assets, each with what is open and late anywhere
 * inside it.
 */
final class Tree
{
    /** More children than this are not listed one by one. */
    public const MOST = 400;

    private const FINDS = 40;

    /** @return list<TreeNode> what stands directly in a node ("L12", "A40"), or directly at the site */
    public function children(int $siteId, ?string $of = null, string $path = '/'): array
    {
        $id = $of === null ? null : (int) substr($of, 1);
        $locations =
            $of === null || $of[0] === 'L'
                ? DB::table('locations')
                    ->where('site_id', $siteId)
                    ->where('parent_id', $id)
                    ->orderBy('name')
                    ->limit(self::MOST)
                    ->get(['id', 'tag', 'name', 'path'])
                    ->all()
                : [];
        $assets =
            $of === null
                ? []
                : DB::table('assets')
                    ->where('site_id', $siteId)
                    ->where($of[0] === 'L' ? 'location_id' : 'parent_id', $id)
                    ->orderBy('tag')
                    ->limit(self::MOST)
                    ->get(['id', 'tag', 'name', 'path', 'life_state'])
                    ->all();
        if ($locations === [] && $assets === []) {
            return [];
        }
        $marks = $this->marks($siteId, $path);
        $parents = $this->parents(array_column($locations, 'id'), array_column($assets, 'id'));
        $node = static fn (string $letter): callable => static fn (stdClass $row): TreeNode => new TreeNode(
            "{$letter}{$row->id}",
            (int) $row->id,
            $row->tag,
            $row->name,
            $row->path,
            isset($parents["{$letter}{$row->id}"]),
            ! in_array($row->life_state ?? '', ['retired', 'out of service'], true),
            $marks["{$letter}{$row->id}"][0] ?? 0,
            $marks["{$letter}{$row->id}"][1] ?? 0,
        );

        return [...array_map($node('L'), $locations), ...array_map($node('A'), $assets)];
    }

    /**
     * The tree with the ways down to some nodes opened, and those nodes marked.
     *
     * @param  list<string>  $paths
     * @return list<TreeNode> what stands directly at the site
     */
    public function opened(int $siteId, array $paths, bool $mark = false): array
    {
        $top = $this->children($siteId);
        foreach ($paths as $path) {
            $level = $top;
            foreach (array_filter(explode('/', $path)) as $key) {
                $node =
                    array_values(array_filter($level, static fn (TreeNode $node): bool => $node->key === $key))[0] ??
                    null;
                if ($node === null) {
                    break;
                }
                if ($node->path === $path) {
                    $node->found = $mark;
                    if ($mark) {
                        break;
                    }
                }
                if (! $node->open) {
                    [$node->open, $node->children] = [true, $this->children($siteId, $node->key, $node->path)];
                }
                $level = $node->children;
            }
        }

        return $top;
    }

    /** @return array{paths: list<string>, more: bool} the first nodes in whose tag or name a text stands */
    public function find(int $siteId, string $text): array
    {
        $like = '%'.addcslashes($text, '%_\\').'%';
        $locations = DB::table('locations')
            ->where('site_id', $siteId)
            ->where(static fn ($any) => $any->where('name', 'like', $like)->orWhere('tag', 'like', $like))
            ->orderBy('name')
            ->limit(self::FINDS + 1)
            ->pluck('path');
        $assets = DB::table('assets')
            ->where('site_id', $siteId)
            ->where('search', 'like', $like)
            ->orderBy('tag')
            ->limit(self::FINDS + 1)
            ->pluck('path');
        $all = $locations->merge($assets);

        return [
            'paths' => array_values(
                $all
                    ->take(self::FINDS)
                    ->map(static fn (mixed $path): string => (string) $path)
                    ->values()
                    ->all(),
            ),
            'more' => $all->count() > self::FINDS,
        ];
    }

    /**
     * Open orders and late assets inside each child of a path, from the few assets that have any.
     *
     * @return array<string, array{int, int}> by key
     */
    private function marks(int $siteId, string $path): array
    {
        if ($path === '/') {
            return $this->marksOfAreas($siteId);
        }
        $depth = substr_count($path, '/') + 1;
        $rows = DB::table('asset_summaries as n')
            ->join('assets as a', 'a.id', '=', 'n.asset_id')
            ->where('n.site_id', $siteId)
            ->where(
                static fn ($any) => $any
                    ->where('n.open_orders', '>', 0)
                    ->orWhere('n.urgency', Nearness::Late->rank()),
            )
            ->where('a.path', 'like', "{$path}%")
            ->selectRaw(
                "SUBSTRING_INDEX(SUBSTRING_INDEX(a.path, '/', {$depth}), '/', -1) as node, SUM(n.open_orders) as ".
                    'orders, SUM(n.urgency = ?) as late',
                [Nearness::Late->rank()],
            )
            ->groupBy('node')
            ->get();

        return self::byNode($rows);
    }

    /** @return array<string, array{int, int}> the same of the places of the first level, from one index */
    private function marksOfAreas(int $siteId): array
    {
        return self::byNode(DB::table('asset_summaries as n')
            ->where('n.site_id', $siteId)
            ->whereNotNull('n.area_id')
            ->groupBy('n.area_id')
            ->selectRaw(
                "CONCAT('L', n.area_id) as node, SUM(n.open_orders) as orders, SUM(n.urgency = ?) as late",
                [Nearness::Late->rank()],
            )
            ->get());
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return array<string, array{int, int}>
     */
    private static function byNode(Collection $rows): array
    {
        return $rows
            ->mapWithKeys(
                static fn (stdClass $row): array => [(string) $row->node => [(int) $row->orders, (int) $row->late]],
            )
            ->all();
    }

    /**
     * @param  array<mixed>  $locations
     * @param  array<mixed>  $assets
     * @return array<string, true> those that something stands in
     */
    private function parents(array $locations, array $assets): array
    {
        $parents = [];
        foreach (
            [
                ['L', 'locations', 'parent_id', $locations],
                ['L', 'assets', 'location_id', $locations],
                ['A', 'assets', 'parent_id', $assets],
            ] as [$letter, $table, $column, $ids]
        ) {
            foreach (
                $ids === [] ? [] : DB::table($table)->whereIn($column, $ids)->distinct()->pluck($column) as $id
            ) {
                $parents["{$letter}{$id}"] = true;
            }
        }

        return $parents;
    }
}
