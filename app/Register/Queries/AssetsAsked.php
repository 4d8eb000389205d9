<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Support\Facades\DB;

/** The assets that a program asks for, a page at a time. */
final readonly class AssetsAsked
{
    /**
     * @param  list<int>  $sites
     * @param  array{tag?: string, class?: string, q?: string, changed_since?: string, after?: int|string}  $given
     * @return list<int> ids in their order
     */
    public function ids(array $sites, array $given, int $most): array
    {
        return array_values(
            DB::table('assets as a')
                ->whereIn('a.site_id', $sites)
                ->where('a.id', '>', (int) ($given['after'] ?? 0))
                ->when(isset($given['tag']), static fn ($query) => $query->where('a.tag', $given['tag']))
                ->when(
                    isset($given['class']),
                    static fn ($query) => $query->whereIn(
                        'a.class_id',
                        DB::table('equipment_classes')->where('name', $given['class'])->select('id'),
                    ),
                )
                ->when(
                    isset($given['q']),
                    static fn ($query) => $query->where('a.search', 'like', '%'.addcslashes($given['q'], '%_\\').'%'),
                )
                ->when(
                    isset($given['changed_since']),
                    static fn ($query) => $query->where(
                        'a.updated_at',
                        '>=',
                        gmdate('Y-m-d H:i:s', (int) strtotime($given['changed_since'])),
                    ),
                )
                ->orderBy('a.id')
                ->limit($most)
                ->pluck('a.id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }
}
