<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Sites\Site;
use App\Work\Models\WorkOrder;
use Sundial\Work\OrderState;

/** What other programs are told of an order whose state changed: no cost, and nothing that hangs on rights. */
final readonly class OrderTold
{
    /** @return array<string, mixed> */
    public static function of(WorkOrder $order, OrderState $from, string $who): array
    {
        $where = $order->asset()->first(['tag', 'name']) ?? $order->location()->first(['tag', 'name']);

        return [
            'site' => Site::query()->whereKey($order->site_id)->value('code'),
            'order' => [
                'id' => $order->id,
                'number' => $order->label(),
                'title' => $order->title,
                'type' => $order->type->name,
                'priority' => $order->priority->value,
                'state' => $order->state->value,
                'before' => $from->value,
                'stage' => $order->stage,
                'held_for' => $order->hold_reason,
                'on' => $where?->tag,
                'due' => $order->due_on,
            ],
            'by' => $who,
        ];
    }
}
