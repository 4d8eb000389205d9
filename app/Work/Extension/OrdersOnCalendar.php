<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\CalendarItem;
use App\Platform\Extension\CalendarSource;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** Open orders on the day for which they are planned. */
final class OrdersOnCalendar implements CalendarSource
{
    public function items(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        $mayMove = Rights::has(Right::PlanOrders);

        return DB::table('work_orders as w')->join('assets as a', 'a.id', '=', 'w.asset_id')->where('w.site_id', $siteId)->whereIn('w.state', OpenStates::VALUES)->where('w.planned_on', '>=', (string) $from)->where('w.planned_on', '<', (string) $to)
            ->when($teamId !== null, static fn ($query) => $query->where('w.team_id', $teamId))->orderBy('w.planned_on')->orderBy('w.number')->limit(2000)->get(['w.id', 'w.number', 'w.title', 'w.state', 'w.planned_on', 'w.version', 'a.tag'])
            ->map(static fn (object $row): CalendarItem => new CalendarItem(LocalDate::parse($row->planned_on), 'order', $row->title, WorkOrder::labelOf((int) $row->number).' '.$row->tag, "/orders/{$row->id}", $row->state, $mayMove ? ['href' => "/orders/{$row->id}/planned-day", 'field' => 'planned_on', 'version' => (int) $row->version] : null))->values()->all();
    }
}
