<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Register\Events\AssetsMerged;
use App\Work\Requests\KeepRestriction;
use Illuminate\Support\Facades\DB;

/**
 * When two records turn out to be one asset: what was reported on the one that goes, how it was restricted and what
 * failed on it hang on the one that stays.
 */
final readonly class TakeOverRequests
{
    public function __construct(private KeepRestriction $keep)
    {
    }

    public function __invoke(AssetsMerged $merge): void
    {
        foreach (['requests', 'restrictions', 'failure_records'] as $table) {
            DB::table($table)
                ->where('asset_id', $merge->gone->id)
                ->update(['asset_id' => $merge->kept->id]);
        }
        ($this->keep)($merge->gone->id);
        ($this->keep)($merge->kept->id);
    }
}
