<?php

declare(strict_types=1);

namespace App\Platform\Lists;

use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Saves what a list is filtered by under a name, for oneself or for all at the site; or forgets one's own. */
final readonly class KeepFilter
{
    /** @param  array<string, mixed>  $query */
    public function __invoke(
        int $userId,
        int $siteId,
        string $list,
        ?string $name,
        array $query,
        bool $shared,
        ?int $forget = null,
    ): void {
        DB::transaction(static function () use ($userId, $siteId, $list, $name, $query, $shared, $forget): void {
            if ($name === null) {
                $gone = DB::table('saved_filters')
                    ->where('id', $forget)
                    ->where('user_id', $userId)
                    ->where('site_id', $siteId)
                    ->delete();
                if ($gone === 0) {
                    throw InvalidInput::because(
                        'not_yours',
                        'form',
                        'Only who saved a filter can have it forgotten.',
                    );
                }

                return;
            }
            DB::table('saved_filters')->upsert(
                [
                    [
                        'user_id' => $userId,
                        'site_id' => $siteId,
                        'list' => $list,
                        'name' => $name,
                        'shared' => $shared,
                        'query' => json_encode($query, JSON_THROW_ON_ERROR),
                    ],
                ],
                ['user_id', 'site_id', 'list', 'name'],
                ['shared', 'query'],
            );
        });
    }
}
