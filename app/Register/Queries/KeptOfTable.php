<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What somebody keeps for the table of assets, columns and filters, and what they filter other lists by. */
final readonly class KeptOfTable
{
    /** @return Collection<int, stdClass> filters of a person and those that others share, each with its address */
    public function filters(int $siteId, int $userId, string $list = 'assets'): Collection
    {
        return DB::table('saved_filters as f')
            ->join('users as u', 'u.id', '=', 'f.user_id')
            ->where('f.site_id', $siteId)
            ->where('f.list', $list)
            ->where(static fn ($any) => $any->where('f.user_id', $userId)->orWhere('f.shared', true))
            ->orderBy('f.name')
            ->get(['f.id', 'f.name', 'f.shared', 'f.query', 'f.user_id', 'u.name as owner'])
            ->each(static function (stdClass $one): void {
                $one->address = http_build_query((array) json_decode($one->query, true));
            });
    }

    /** @return list<string>|null keys of the columns that a person chose; null where none were */
    public function columns(int $userId): ?array
    {
        $kept = json_decode(
            (string) DB::table('user_settings')
                ->where('user_id', $userId)
                ->where('name', 'columns of assets')
                ->value('value'),
            true,
        );

        return is_array($kept) ? array_values(array_filter($kept, is_string(...))) : null;
    }

    /** How many assets a site has. */
    public function assets(int $siteId): int
    {
        return DB::table('asset_summaries')->where('site_id', $siteId)->count();
    }
}
