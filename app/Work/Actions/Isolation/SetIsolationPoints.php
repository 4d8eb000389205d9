<?php

declare(strict_types=1);

namespace App\Work\Actions\Isolation;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Seen;
use App\Register\Models\Asset;
use App\Work\Models\IsolationPoint;
use App\Work\Queries\IsolationsOf;
use Illuminate\Support\Facades\DB;

/** Keeps with an asset the points that are locked before one works on it. */
final readonly class SetIsolationPoints
{
    private const MOST = 200;

    public function __construct(private IsolationsOf $isolations, private Audit $audit)
    {
    }

    /**
     * Refuses: changed, where others stand there by now than were seen. None of them is lost unseen.
     *
     * @param  list<string>  $points
     */
    public function __invoke(Actor $by, Asset $asset, array $points, Seen $seen): void
    {
        DB::transaction(function () use ($by, $asset, $points, $seen): void {
            Asset::query()->lockForUpdate()->findOrFail($asset->id);
            $before = $this->isolations->points($asset->id);
            $seen->check($before, $points);
            if ($points === $before) {
                return;
            }
            IsolationPoint::query()->where('asset_id', $asset->id)->delete();
            foreach ($points as $i => $what) {
                IsolationPoint::query()->create([
                    'site_id' => $asset->site_id,
                    'asset_id' => $asset->id,
                    'position' => $i + 1,
                    'what' => mb_substr($what, 0, self::MOST),
                ]);
            }
            $this->audit->record(
                $by,
                $asset->subject(),
                "changed the points to lock of {$asset->name}",
                ['points' => [implode('; ', $before), implode('; ', $points)]],
            );
        });
    }
}
