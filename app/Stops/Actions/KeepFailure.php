<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use App\Register\Models\Asset;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Keeps, with an asset, a failure that a floor above tells of: from when to when it could not do its work. Told again,
 * it is corrected. Called within the transaction that tells it.
 */
final readonly class KeepFailure
{
    public function __invoke(
        Asset $asset,
        Subject $of,
        string $label,
        DateTimeImmutable $at,
        DateTimeImmutable $until,
    ): void {
        DB::table('failures')->updateOrInsert(
            ['kind' => $of->kind, 'subject_id' => $of->id],
            [
                'site_id' => $asset->site_id,
                'asset_id' => $asset->id,
                'label' => $label,
                'failed_at' => min($at, $until)->format('Y-m-d H:i:s.u'),
                'restored_at' => $until->format('Y-m-d H:i:s.u'),
            ],
        );
    }
}
