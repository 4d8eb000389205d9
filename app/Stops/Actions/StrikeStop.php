<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use Illuminate\Support\Facades\DB;

/** Strikes out a stop that never was; it stays in the log, with its reason, and counts no more. */
final readonly class StrikeStop
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private ShiftSums $sums,
    ) {
    }

    public function __invoke(Actor $by, Stop $stop, string $because, int $version): void
    {
        DB::transaction(function () use ($by, $stop, $because, $version): void {
            $asset = Asset::query()->lockForUpdate()->findOrFail($stop->asset_id);
            $stop = Versioned::lock($stop, $version);
            if ($stop->struck_at !== null) {
                return;
            }
            $stop
                ->fill([
                    'struck_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                    'struck_who' => $by->name,
                    'struck_because' => $because,
                ])
                ->save();
            ($this->keep)($stop->asset_id);
            $this->sums->stood($stop->asset_id, $stop->from_at, $stop->to_at);
            $this->audit->record(
                $by,
                Subject::of('stop', $stop->id, $stop->site_id),
                "struck out a stop of {$asset->name}: {$stop->reason}",
                ['from' => [$stop->from_at, null], 'to' => [$stop->to_at, null]],
                $because,
                [$asset->subject()],
            );
        });
    }
}
