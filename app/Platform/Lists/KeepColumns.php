<?php

declare(strict_types=1);

namespace App\Platform\Lists;

use Illuminate\Support\Facades\DB;

/** Keeps for a person which columns a table shows them, in their order. */
final readonly class KeepColumns
{
    /** @param  non-empty-list<string>  $columns */
    public function __invoke(int $userId, string $list, array $columns): void
    {
        DB::transaction(
            static fn () => DB::table('user_settings')->upsert(
                [
                    [
                        'user_id' => $userId,
                        'name' => "columns of {$list}",
                        'value' => json_encode($columns, JSON_THROW_ON_ERROR),
                    ],
                ],
                ['user_id', 'name'],
                ['value'],
            ),
        );
    }
}
