<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;

/** How long an order stood in each state, and on which reason it was held: a row for each stretch. */
final readonly class Spans
{
    /** Begins the first stretch of new orders. */
    public static function begin(OrderState $state, string $at, int ...$orders): void
    {
        foreach (array_chunk($orders, 500) as $some) {
            DB::table('order_spans')->insert(
                array_map(
                    static fn (int $order): array => [
                        'order_id' => $order,
                        'state' => $state->value,
                        'from_at' => $at,
                    ],
                    $some,
                ),
            );
        }
    }

    /** Ends the stretch in which an order stands, and begins the next one. */
    public static function turn(WorkOrder $order, string $at): void
    {
        DB::table('order_spans')
            ->where('order_id', $order->id)
            ->whereNull('to_at')
            ->update(['to_at' => DB::raw('GREATEST(from_at, '.DB::getPdo()->quote($at).')')]);
        DB::table('order_spans')->insert([
            'order_id' => $order->id,
            'state' => $order->state->value,
            'stage' => $order->stage,
            'hold_reason' => $order->state === OrderState::OnHold ? $order->hold_reason : null,
            'from_at' => $at,
        ]);
    }
}
