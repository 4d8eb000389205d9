<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Register\Models\Asset;
use App\Register\Queries\AssetByLabel;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/** The assets that somebody means: by pasted or scanned tags, and all of a class at a place. */
final readonly class NamedAssets
{
    private const MOST = 200;

    public function __construct(private AssetByLabel $find)
    {
    }

    /**
     * @param  string  $tags  parted by lines, blanks, commas or semicolons
     * @return list<Asset> of the site, each once
     *
     * @throws InvalidInput no_asset, naming each tag that is none; too_many
     */
    public function byTags(int $siteId, string $tags): array
    {
        $words = TextLines::words($tags);
        if (count($words) > self::MOST) {
            throw InvalidInput::because('too_many', 'tags', 'At most '.self::MOST.' tags at once.', count($words));
        }
        $found = [];
        $unknown = [];
        foreach ($words as $word) {
            $asset = ($this->find)($siteId, $word);
            $asset === null ? ($unknown[] = $word) : ($found[$asset->id] = $asset);
        }
        if ($unknown !== []) {
            throw InvalidInput::because(
                'no_asset',
                'tags',
                'No asset of this site has the tag or code '.implode(', ', $unknown).
                    '. Nothing was added: correct it, then send again.',
                $tags,
            );
        }

        return array_values($found);
    }

    /** @return list<Asset> in use, of a class, under a place; of any place where none is named */
    public function ofClass(int $siteId, int $classId, ?int $placeId): array
    {
        $path = $placeId === null
            ? null
            : DB::table('locations')->where('site_id', $siteId)->where('id', $placeId)->value('path');

        return array_values(
            Asset::query()
                ->where('site_id', $siteId)
                ->where('class_id', $classId)
                ->whereNotIn('life_state', ['retired'])
                ->when(is_string($path), static fn ($some) => $some->where('path', 'like', "{$path}%"))
                ->orderBy('tag')
                ->limit(self::MOST)
                ->get()
                ->all(),
        );
    }
}
