<?php

declare(strict_types=1);

namespace App\Work\Actions\Isolation;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Lets another order on the same asset be worked behind an isolation that stands. */
final readonly class ShareIsolation
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, int $isolationId): void
    {
        DB::transaction(function () use ($by, $order, $isolationId): void {
            $order = $this->moves->lock($order);
            $isolation = OrderIsolation::query()
                ->where('site_id', $order->site_id)
                ->where('asset_id', $order->asset_id)
                ->lockForUpdate()
                ->find($isolationId);
            if ($isolation === null || ! $isolation->state->isOpen() || ! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'not_open',
                    'isolation',
                    'Choose an isolation of the same asset that is not lifted, for an order that is open.',
                );
            }
            $isolation->orders()->syncWithoutDetaching([$order->id]);
            $this->audit->record($by, $order->subject(), "is worked behind {$isolation->label()}", [], null, [
                $order->about(),
            ]);
        });
    }
}
