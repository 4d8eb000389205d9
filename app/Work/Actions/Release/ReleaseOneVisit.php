<?php

declare(strict_types=1);

namespace App\Work\Actions\Release;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Orders\MakeOrders;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\LeftBecause;
use Sundial\Support\InvalidInput;

/** Makes the order of the next visit of one schedule before its lead has come. */
final readonly class ReleaseOneVisit
{
    public function __construct(private MakeOrders $make, private SiteDays $days, private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, Schedule $schedule): WorkOrder
    {
        return DB::transaction(function () use ($by, $schedule): WorkOrder {
            Asset::query()->whereKey($schedule->asset_id)->lockForUpdate()->value('id');
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($schedule->id)->load(MakeOrders::LOADED);
            $today = $this->days->today($schedule->site_id);
            $because = $schedule->releaseDecision($today)->because;
            if ($because !== null && $because !== LeftBecause::LeadNotCome) {
                throw InvalidInput::because(
                    'not_now',
                    'form',
                    "No order can be made now: {$because->value}".
                        ($because === LeftBecause::InHand ? " {$schedule->standing->in_hand}." : '.'),
                );
            }
            $now = $this->moves->now();
            $batch = ReleaseBatch::begin($by, $schedule->site_id, $today, $now);
            $batch->fill(['ended_at' => $now, 'made' => 1, 'left_alone' => []])->save();
            ($this->make)($by, $batch, [$schedule]);

            return WorkOrder::query()->where('batch_id', $batch->id)->sole();
        });
    }
}
