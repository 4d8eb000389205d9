<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Stops\Models\Line;
use App\Stops\Models\ShortStop;
use App\Stops\Projections\ShiftSums;
use Illuminate\Support\Facades\DB;

/** Strikes short stops out that were entered in one; they count no more. */
final readonly class StrikeShortStops
{
    public function __construct(private ShiftSums $sums, private Clock $clock, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ShortStop $short, string $because): void
    {
        DB::transaction(function () use ($by, $short, $because): void {
            $line = Line::query()->with('asset')->lockForUpdate()->findOrFail($short->line_id);
            $short = ShortStop::query()->lockForUpdate()->findOrFail($short->id);
            if ($short->struck_at !== null) {
                return;
            }
            $short->fill([
                'struck_at' => $this->clock->now()->format('Y-m-d H:i:s'),
                'struck_because' => $because,
            ])->save();
            $this->sums->stood($line->asset_id, $short->hour_at, null);
            $this->audit->record(
                $by,
                $line->subject(),
                "struck out {$short->stops} short stops of {$line->asset->name}: {$short->reason}",
                [],
                $because,
            );
        });
    }
}
