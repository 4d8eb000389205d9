<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;

/** Takes every link between two orders away. */
final readonly class UnlinkOrders
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, WorkOrder $other): void
    {
        DB::transaction(function () use ($by, $order, $other): void {
            $order = $this->moves->lock($order);
            DB::table('order_links')->where(['order_id' => $order->id, 'other_id' => $other->id])->delete();
            DB::table('order_links')->where(['order_id' => $other->id, 'other_id' => $order->id])->delete();
            $this->audit->record($by, $order->subject(), "cut {$order->label()} from {$other->label()}", [], null, [
                $order->about(),
                $other->subject(),
            ]);
        });
    }
}
