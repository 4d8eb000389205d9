<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\CalendarItem;
use App\Platform\Extension\CalendarSource;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** Open orders on the day for which they are planned, and what was done on the day on which it was. */
final readonly class OrdersOnCalendar implements CalendarSource
{
    public function __construct(private SiteDays $sites)
    {
    }

    public function items(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        $mayMove = Rights::has(Right::PlanOrders);
        $tag = DB::raw('COALESCE(a.tag, l.tag) as tag');

        $open = DB::table('work_orders as w')
            ->leftJoin('assets as a', 'a.id', '=', 'w.asset_id')
            ->leftJoin('locations as l', 'l.id', '=', 'w.location_id')
            ->where('w.site_id', $siteId)
            ->whereIn('w.state', OpenStates::VALUES)
            ->where('w.planned_on', '>=', (string) $from)
            ->where('w.planned_on', '<', (string) $to)
            ->when($teamId !== null, static fn ($query) => $query->where('w.team_id', $teamId))
            ->orderBy('w.planned_on')
            ->orderBy('w.number')
            ->limit(2000)
            ->get(['w.id', 'w.number', 'w.title', 'w.state', 'w.planned_on', 'w.version', $tag])
            ->map(
                static fn (object $row): CalendarItem => new CalendarItem(
                    LocalDate::parse($row->planned_on),
                    'order',
                    $row->title,
                    WorkOrder::labelOf((int) $row->number).' '.$row->tag,
                    "/orders/{$row->id}",
                    $row->state,
                    $mayMove
                        ? [
                            'href' => "/orders/{$row->id}/planned-day",
                            'field' => 'planned_on',
                            'version' => (int) $row->version,
                        ]
                        : null,
                ),
            )
            ->values()
            ->all();

        return [...$this->done($siteId, $from, $to, $teamId), ...$open];
    }

    /** @return list<CalendarItem> what was done, on the day on which it was */
    private function done(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        $site = $this->sites->site($siteId);
        $utc = new DateTimeZone('UTC');
        $tag = DB::raw('COALESCE(a.tag, l.tag) as tag');
        $at = static fn (LocalDate $day): string => (new DateTimeImmutable((string) $day, $site->zone()))
            ->setTimezone($utc)
            ->format('Y-m-d H:i:s');

        return array_values(
            DB::table('work_orders as w')
                ->leftJoin('assets as a', 'a.id', '=', 'w.asset_id')
                ->leftJoin('locations as l', 'l.id', '=', 'w.location_id')
                ->where('w.site_id', $siteId)
                ->whereIn('w.state', ['done', 'closed'])
                ->where('w.finished_at', '>=', $at($from))
                ->where('w.finished_at', '<', $at($to))
                ->when($teamId !== null, static fn ($query) => $query->where('w.team_id', $teamId))
                ->orderBy('w.finished_at')
                ->limit(2000)
                ->get(['w.id', 'w.number', 'w.title', 'w.state', 'w.finished_at', $tag])
                ->map(
                    static fn (object $row): CalendarItem => new CalendarItem(
                        $site->dayOf(new DateTimeImmutable((string) $row->finished_at, $utc)),
                        'order',
                        $row->title,
                        WorkOrder::labelOf((int) $row->number).' '.$row->tag,
                        "/orders/{$row->id}",
                        $row->state,
                        null,
                    ),
                )
                ->values()
                ->all(),
        );
    }
}
