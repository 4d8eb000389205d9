<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Subject;
use App\Stores\Demand\BoughtInSource;
use App\Stores\Demand\WantedIn;
use App\Stores\Inputs\WhatToBuy;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Costing\UnitPrice;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/** What approved orders want bought in, less what was booked of it already. */
final readonly class BoughtInForOrders implements BoughtInSource
{
    public function wanted(int $siteId): array
    {
        return array_values(
            DB::table('order_parts as p')
                ->join('work_orders as o', 'o.id', '=', 'p.order_id')
                ->leftJoin('parts as c', 'c.id', '=', 'p.part_id')
                ->where('o.site_id', $siteId)
                ->whereIn('o.state', OpenStates::APPROVED)
                ->where('p.source', PartSource::BoughtIn->value)
                ->whereNotExists(static fn ($some) => $some
                    ->from('part_uses as u')
                    ->whereColumn('u.line_id', 'p.id'))
                ->orderByRaw('COALESCE(o.planned_on, o.due_on) IS NULL')
                ->orderByRaw('COALESCE(o.planned_on, o.due_on)')
                ->orderBy('p.id')
                ->selectRaw('p.id, p.part_id, p.name, p.unit, p.quantity, p.price, o.id as order_id')
                ->selectRaw('o.number, o.title, c.supplier_id, COALESCE(o.planned_on, o.due_on) as needed_on')
                ->get()
                ->map(static fn (stdClass $one): WantedIn => new WantedIn(
                    Subject::of('order', (int) $one->order_id, $siteId),
                    "W-{$one->number} {$one->title}",
                    "/orders/{$one->order_id}",
                    (int) $one->id,
                    new WhatToBuy(
                        $one->part_id === null ? null : (int) $one->part_id,
                        (string) $one->name,
                        (string) $one->unit,
                        Quantity::parse((string) $one->quantity),
                        $one->price === null ? null : UnitPrice::parse((string) $one->price),
                    ),
                    $one->supplier_id === null ? null : (int) $one->supplier_id,
                    $one->needed_on === null ? null : (string) $one->needed_on,
                ))
                ->all(),
        );
    }
}
