<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

/** Finds what a tag at a site names: the location or asset in which something stands. */
final class Whereabouts
{
    /** Its row is held, so that two moves at the same moment cannot put each into the other. */
    public function find(int $siteId, string $tag): Location|Asset
    {
        return Location::query()->where('site_id', $siteId)->where('tag', $tag)->lockForUpdate()->first() ??
            (Asset::query()->where('site_id', $siteId)->where('tag', $tag)->lockForUpdate()->first() ??
                throw InvalidInput::because(
                    'no_place',
                    'stands',
                    "There is no location or asset with the tag “{$tag}”. Choose one from the list.",
                    $tag,
                ));
    }

    public static function path(Location|Asset $of): TreePath
    {
        return TreePath::of($of->path);
    }

    /** Whether a tag is taken at a site, by a location or an asset other than the one given. */
    public function taken(int $siteId, string $tag, Location|Asset|null $but = null): bool
    {
        foreach ([Location::class => 'locations', Asset::class => 'assets'] as $class => $table) {
            if (
                DB::table($table)
                    ->where('site_id', $siteId)
                    ->where('tag', $tag)
                    ->when($but instanceof $class, static fn ($query) => $query->where('id', '<>', $but?->id))
                    ->exists()
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{tag: string, name: string}> places first, for choosing from */
    public function choices(int $siteId): array
    {
        return array_values(
            DB::table('locations')
                ->where('site_id', $siteId)
                ->select('tag', 'name')
                ->selectRaw('0 as rank_')
                ->unionAll(
                    DB::table('assets')
                        ->where('site_id', $siteId)
                        ->where('life_state', '<>', 'retired')
                        ->select('tag', 'name')
                        ->selectRaw('1 as rank_'),
                )
                ->orderBy('rank_')
                ->orderBy('name')
                ->limit(2000)
                ->get()
                ->map(static fn (object $row): array => ['tag' => (string) $row->tag, 'name' => (string) $row->name])
                ->values()
                ->all(),
        );
    }

    /**
     * @return list<array{kind: string, id: int, tag: string, name: string}> the way from the site down to a
     *     path's last node, that one left out
     */
    public function crumbs(string $path): array
    {
        preg_match_all('/([LA])(\d+)/', $path, $nodes, PREG_SET_ORDER);
        array_pop($nodes);
        $ids = static fn (string $letter): array => array_map(
            static fn (array $node): int => (int) $node[2],
            array_filter($nodes, static fn (array $node): bool => $node[1] === $letter),
        );
        $rows = DB::table('locations')
            ->whereIn('id', $ids('L'))
            ->select(['id', 'tag', 'name'])
            ->selectRaw("'L' as letter");
        if ($ids('A') !== []) {
            $rows->unionAll(
                DB::table('assets')
                    ->whereIn('id', $ids('A'))
                    ->select(['id', 'tag', 'name'])
                    ->selectRaw("'A' as letter"),
            );
        }
        $names = $rows->get()->groupBy('letter')->map(static fn ($some) => $some->keyBy('id'))->all();

        return array_map(
            static fn (array $node): array => [
                'kind' => $node[1] === 'L' ? 'place' : 'asset',
                'id' => (int) $node[2],
                'tag' => (string) $names[$node[1]][(int) $node[2]]->tag,
                'name' => (string) $names[$node[1]][(int) $node[2]]->name,
            ],
            $nodes,
        );
    }
}
