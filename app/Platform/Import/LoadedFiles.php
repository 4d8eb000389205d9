<?php

declare(strict_types=1);

namespace App\Platform\Import;

use Illuminate\Support\Collection;

/** Files that were brought in, as their pages look for them. */
final readonly class LoadedFiles
{
    private const MOST = 20;

    /**
     * @param  list<string>  $kinds
     * @return Collection<int, Import> those of a site that were loaded, the last first
     */
    public function __invoke(int $siteId, array $kinds): Collection
    {
        return Import::query()
            ->where('site_id', $siteId)
            ->whereNotNull('loaded_at')
            ->whereIn('what', $kinds)
            ->orderByDesc('loaded_at')
            ->limit(self::MOST)
            ->get(array_diff(Import::COLUMNS, ['content']))
            ->toBase();
    }

    /** @param  array<string>  $columns */
    public function find(string $id, array $columns): ?Import
    {
        return Import::query()->find($id, $columns);
    }
}
