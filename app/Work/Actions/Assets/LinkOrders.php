<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\LinkKind;

/** Links an order with another: it follows it, was caused by it, or belongs with it. Each shows the other. */
final readonly class LinkOrders
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, WorkOrder $other, LinkKind $kind): void
    {
        DB::transaction(function () use ($by, $order, $other, $kind): void {
            $order = $this->moves->lock($order);
            if ($order->id === $other->id || $order->site_id !== $other->site_id) {
                throw InvalidInput::because('no_order', 'link_to', 'Name another order of this site.');
            }
            $back = DB::table('order_links')
                ->where(['order_id' => $other->id, 'other_id' => $order->id, 'kind' => $kind->value])
                ->exists();
            if ($back && $kind !== LinkKind::BelongsWith) {
                throw InvalidInput::because(
                    'other_way',
                    'link_to',
                    "{$other->label()} {$kind->value} this one already: it cannot be the other way too.",
                );
            }
            if (! $back) {
                DB::table('order_links')->insertOrIgnore([
                    'order_id' => $order->id,
                    'other_id' => $other->id,
                    'kind' => $kind->value,
                ]);
            }
            $this->audit->record(
                $by,
                $order->subject(),
                "{$order->label()} {$kind->value} {$other->label()}",
                [],
                null,
                [$order->about(), $other->subject()],
            );
        });
    }
}
