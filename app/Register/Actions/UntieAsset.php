<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;

/** Takes an asset out of those that it is stopped together with; one that is left alone needs no group. */
final readonly class UntieAsset
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Asset $asset): void
    {
        DB::transaction(function () use ($by, $asset): void {
            $asset = Asset::query()->lockForUpdate()->findOrFail($asset->id);
            $group = $asset->tie_id;
            if ($group === null) {
                return;
            }
            DB::table('assets')
                ->where('id', $asset->id)
                ->update(['tie_id' => null]);
            if (DB::table('assets')->where('tie_id', $group)->count() === 1) {
                DB::table('assets')
                    ->where('tie_id', $group)
                    ->update(['tie_id' => null]);
            }
            $this->audit->record($by, $asset->subject(), "said that {$asset->tag} is stopped alone");
        });
    }
}
