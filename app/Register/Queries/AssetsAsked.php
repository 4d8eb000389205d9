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
        [$tag, $class, $text, $since] = [
            $given['tag'] ?? null,
            $given['class'] ?? null,
            $given['q'] ?? null,
            $given['changed_since'] ?? null,
        ];

        return array_values(
            DB::table('assets as a')
                ->whereIn('a.site_id', $sites)
                ->where('a.id', '>', (int) ($given['after'] ?? 0))
                ->when($tag !== null, static fn ($query) => $query->where('a.tag', $tag))
                ->when(
                    $class !== null,
                    static fn ($query) => $query->whereIn(
                        'a.class_id',
                        DB::table('equipment_classes')->where('name', $class)->select('id'),
                    ),
                )
                ->when(
                    $text !== null,
                    static fn ($query) => $query->where(
                        'a.search',
                        'like',
                        '%'.addcslashes((string) $text, '%_\\').'%',
                    ),
                )
                ->when(
                    $since !== null,
                    static fn ($query) => $query->where(
                        'a.updated_at',
                        '>=',
                        gmdate('Y-m-d H:i:s', (int) strtotime((string) $since)),
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
