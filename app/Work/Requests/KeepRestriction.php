<?php

declare(strict_types=1);

namespace App\Work\Requests;

use App\Work\Models\Restriction;
use Illuminate\Support\Facades\DB;

/** Keeps in the summary of an asset how it may run, so that it is seen wherever the asset is. */
final readonly class KeepRestriction
{
    private const MOST = 120;

    public function __invoke(int $assetId): void
    {
        $last = Restriction::standing()->where('asset_id', $assetId)->orderByDesc('id')->value('what');
        DB::table('asset_summaries')
            ->where('asset_id', $assetId)
            ->update(['restriction' => $last === null ? null : mb_strimwidth((string) $last, 0, self::MOST, '…')]);
    }
}
