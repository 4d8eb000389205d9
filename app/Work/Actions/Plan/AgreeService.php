<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Models\OrderService;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Marks a planned service as agreed with whoever does it, which commits its cost; or takes that back. */
final readonly class AgreeService
{
    public function __construct(private PlanWriting $plan, private SiteDays $days)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, int $lineId, bool $agreed): OrderService
    {
        return DB::transaction(function () use ($by, $order, $lineId, $agreed): OrderService {
            $order = $this->plan->lock($order);
            $line =
                OrderService::query()->where('order_id', $order->id)->find($lineId) ?? throw InvalidInput::because(
                    'no_line',
                    'form',
                    'This service is not in the plan any more.',
                );
            if ($agreed === ($line->agreed_on !== null)) {
                return $line;
            }
            if ($agreed && $line->planned_cents === null) {
                throw InvalidInput::because(
                    'no_amount',
                    'form',
                    "Nobody can agree on {$line->what} without an amount. Take it off, and plan it with what it costs.",
                );
            }
            $line->agreed_on = $agreed ? (string) $this->days->today($order->site_id) : null;
            $line->save();
            $this->plan->done(
                $by,
                $order,
                $agreed ? "agreed on {$line->what} in" : "took the agreement on {$line->what} back in",
            );

            return $line;
        });
    }
}
