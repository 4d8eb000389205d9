<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\CostSum;
use Sundial\Work\LinkKind;

/** What each asset of an order carries of its cost, and the orders that hang together with it. */
final readonly class SharesOf
{
    /** @return array<int, CostSum> by row of the order */
    public function byRow(int $orderId): array
    {
        $sums = [];
        foreach (DB::table('cost_entries')->where('order_id', $orderId)->get(['row_id', 'cents']) as $entry) {
            $sums[(int) $entry->row_id] = ($sums[(int) $entry->row_id] ?? CostSum::none())->plus(
                CostSum::of($entry->cents === null ? null : (int) $entry->cents),
            );
        }

        return $sums;
    }

    /** @return list<array{string, WorkOrder}> how, and which */
    public function links(int $orderId): array
    {
        $links = DB::table('order_links')
            ->where('order_id', $orderId)
            ->orWhere('other_id', $orderId)
            ->get();
        $orders = WorkOrder::query()
            ->whereIn('id', [...$links->pluck('order_id')->all(), ...$links->pluck('other_id')->all()])
            ->get()
            ->keyBy('id');
        $said = [];
        foreach ($links as $link) {
            $kind = LinkKind::from((string) $link->kind);
            $isMine = (int) $link->order_id === $orderId;
            $other = $orders->get($isMine ? (int) $link->other_id : (int) $link->order_id);
            if ($other !== null) {
                $said[] = [$isMine ? $kind->value : $kind->back(), $other];
            }
        }

        return $said;
    }
}
