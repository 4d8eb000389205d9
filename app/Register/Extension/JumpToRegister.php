<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use App\Register\Queries\VisibleLines;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Finds assets by tag, code and name, and places. */
final readonly class JumpToRegister implements JumpSource
{
    public function __construct(private VisibleLines $reach)
    {
    }

    public function find(string $text, array $words, int $siteId, int $most): array
    {
        $like = addcslashes(str_replace(' ', '-', $text), '%_\\').'%';
        $byTag = $this->assets($siteId)
            ->where('tag', 'like', $like)
            ->orderBy('tag')
            ->limit($most)
            ->get(['id', 'tag', 'name']);
        if ($byTag->isEmpty() && preg_match('/^[a-z]+\d+$/i', $text) === 1) {
            // A tag typed without its dashes.
            $byTag = $this->assets($siteId)
                ->whereRaw("REGEXP_REPLACE(tag, '[^[:alnum:]]', '') LIKE ?", ["{$text}%"])
                ->orderBy('tag')
                ->limit($most)
                ->get(['id', 'tag', 'name']);
        }
        $rows =
            $byTag->count() >= $most
                ? $byTag
                : $byTag->concat(
                    Matching::words($this->assets($siteId), $words, ['name', 'tag'])
                        ->whereNotIn('id', $byTag->pluck('id'))
                        ->orderBy('name')
                        ->limit($most - $byTag->count())
                        ->get(['id', 'tag', 'name']),
                );
        $hits = $rows
            ->map(
                static fn (object $row): Hit => new Hit(
                    'asset',
                    $row->name,
                    $row->tag,
                    'asset',
                    "/assets/{$row->id}",
                ),
            )
            ->all();
        if (! Rights::has(Right::SeePlant)) {
            return array_values($hits);
        }
        $places = Matching::words(DB::table('locations')->where('site_id', $siteId), $words, ['name', 'tag'])
            ->orderBy('name')
            ->limit(3)
            ->get(['id', 'tag', 'name']);

        return [
            ...array_values($hits),
            ...$places
                ->map(
                    static fn (object $row): Hit => new Hit(
                        'place',
                        $row->name,
                        $row->tag,
                        'place',
                        "/places/{$row->id}",
                    ),
                )
                ->values()
                ->all(),
        ];
    }

    public function names(int $siteId): iterable
    {
        return DB::table('assets')
            ->where('site_id', $siteId)
            ->distinct()
            ->pluck('name')
            ->concat(DB::table('locations')->where('site_id', $siteId)->pluck('name'));
    }

    private function assets(int $siteId): Builder
    {
        $person = Auth::user();
        $lines = $person instanceof User ? $this->reach->lines($person) : [];

        return DB::table('assets')
            ->where('site_id', $siteId)
            ->tap(static fn (Builder $some) => VisibleLines::onLines($some, $lines, 'path'));
    }
}
