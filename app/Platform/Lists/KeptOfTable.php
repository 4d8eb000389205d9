<?php

declare(strict_types=1);

namespace App\Platform\Lists;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What somebody keeps for a list: its columns, and what it is filtered by. */
final readonly class KeptOfTable
{
    /** @return Collection<int, stdClass> filters of a person and those that others share, each with its address */
    public function filters(int $siteId, int $userId, string $list): Collection
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
    public function columns(int $userId, string $list): ?array
    {
        $kept = json_decode(
            (string) DB::table('user_settings')
                ->where('user_id', $userId)
                ->where('name', "columns of {$list}")
                ->value('value'),
            true,
        );

        return is_array($kept) ? array_values(array_filter($kept, is_string(...))) : null;
    }
}
