<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;
use Sundial\Work\OrderState;
use Sundial\Work\Plan\PartSource;

/** What orders plan to take from the stores that nobody approved yet; approved ones have claimed theirs. */
final readonly class PartsOfPlannedOrders implements DemandSource
{
    public function demand(int $siteId, ?array $partIds, LocalDate $until): array
    {
        return array_values(
            DB::table('work_orders as o')
                ->join('order_parts as p', 'p.order_id', '=', 'o.id')
                ->where('o.site_id', $siteId)
                ->whereIn('o.state', [OrderState::Draft->value, OrderState::Planned->value])
                ->where('p.source', PartSource::FromStore->value)
                ->whereRaw('COALESCE(o.planned_on, o.due_on, DATE(o.created_at)) <= ?', [(string) $until])
                ->when($partIds !== null, static fn ($some) => $some->whereIn('p.part_id', $partIds ?? []))
                ->groupBy('o.id', 'p.part_id', 'o.number', 'o.title', 'o.planned_on', 'o.due_on', 'o.created_at')
                ->selectRaw('o.id, o.number, o.title, p.part_id, SUM(p.quantity) as quantity')
                ->selectRaw('COALESCE(o.planned_on, o.due_on, DATE(o.created_at)) as needed_on')
                ->get()
                ->map(static fn (object $one): PartDemand => new PartDemand(
                    (int) $one->part_id,
                    LocalDate::parse((string) $one->needed_on),
                    Quantity::parse((string) $one->quantity),
                    "W-{$one->number} {$one->title}",
                    "/orders/{$one->id}",
                    DemandKind::Planned,
                ))
                ->all(),
        );
    }
}
