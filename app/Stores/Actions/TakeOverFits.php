<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Register\Events\AssetsMerged;
use Illuminate\Support\Facades\DB;

/** When two records turn out to be one asset, the one that stays takes over the lines that it does not have yet. */
final readonly class TakeOverFits
{
    public function __invoke(AssetsMerged $merged): void
    {
        DB::statement(
            'INSERT IGNORE INTO fits (asset_id, part_id, quantity, note) SELECT ?, part_id, quantity, note FROM fits '.
                'WHERE asset_id = ?',
            [$merged->kept->id, $merged->gone->id],
        );
    }
}
