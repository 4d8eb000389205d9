<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Register\Models\Asset;
use App\Stops\Inputs\LineSignal;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\LineCounts;
use App\Stops\Projections\SignalRuns;
use App\Stops\Queries\SignalsOf;
use Illuminate\Support\Facades\DB;

/**
 * Takes what a line signalled, in any order and as often as it comes: a signal of one instant counts once. Stops and
 * output follow from all that is known around it.
 */
final readonly class TakeSignals
{
    public function __construct(
        private SignalsOf $signals,
        private StandBySignals $stand,
        private LineCounts $counts,
        private SignalRuns $runs,
    ) {
    }

    /** @return int how many were new */
    public function __invoke(Line $line, LineSignal ...$came): int
    {
        return DB::transaction(function () use ($line, $came): int {
            // One after the other: what follows from a signal hangs on those beside it.
            Asset::query()->lockForUpdate()->findOrFail($line->asset_id);
            $times = array_map(static fn (LineSignal $one): int => $one->signal->at, $came);
            $new = 0;
            foreach (array_chunk($came, 200) as $some) {
                $new += DB::table('line_signals')->insertOrIgnore(array_map(
                    static fn (LineSignal $one): array => [
                        'line_id' => $line->id,
                        'at' => ShiftRecord::at($one->signal->at),
                        'state' => $one->signal->runs ? 'running' : 'idle',
                        'counter' => $one->signal->counter,
                        'rejected' => $one->signal->rejected,
                        'product_id' => $one->productId,
                    ],
                    $some,
                ));
            }
            if ($new > 0 && $times !== []) {
                $around = $this->signals->around($line->id, min($times), max($times));
                $this->counts->keep($line->id, $around);
                ($this->stand)($line, $around);
                $this->runs->keep($line, $around);
            }

            return $new;
        });
    }
}
