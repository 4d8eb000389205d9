<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Register\Events\AssetCopied;
use Illuminate\Support\Facades\DB;

/** Gives the copy of an asset the spare-parts list of the original. */
final readonly class CopyFits
{
    public function __invoke(AssetCopied $copy): void
    {
        DB::table('fits')->insertUsing(
            ['asset_id', 'part_id', 'quantity', 'note'],
            DB::table('fits')
                ->where('asset_id', $copy->from->id)
                ->selectRaw('?, part_id, quantity, note', [$copy->to->id]),
        );
    }
}
