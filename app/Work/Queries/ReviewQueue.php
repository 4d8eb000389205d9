<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Pages\ReviewLine;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostKind;
use Sundial\Work\OrderState;
use Sundial\Work\Review\Review;
use Sundial\Work\Review\ReviewFacts;

/** The orders of a site that wait for their review, the longest first, and what stands out on each. */
final readonly class ReviewQueue
{
    private const MOST = 100;

    public function __construct(private SiteDays $days)
    {
    }

    /** @return list<ReviewLine> */
    public function __invoke(int $siteId): array
    {
        $orders = WorkOrder::query()
            ->where('site_id', $siteId)
            ->where('state', OrderState::Done)
            ->with(['asset:id,tag,name', 'location:id,tag,name'])
            ->orderBy('finished_at')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
        $ids = array_values($orders->modelKeys());
        $facts = $this->facts($ids);
        $apart = $this->partsApart($ids);
        $lines = [];
        foreach ($orders as $order) {
            $row = $facts[$order->id];
            $lines[] = new ReviewLine(
                $order,
                Review::of($this->of($order, $row, $apart[$order->id] ?? 0)),
                (int) $row->booked,
                (string) $row->who,
            );
        }

        return $lines;
    }

    private function of(WorkOrder $order, stdClass $row, int $partsApart): ReviewFacts
    {
        $facts = ReviewFacts::of($order->type->kind)
            ->hours($order->planned_minutes, (int) $row->booked)
            ->steps((int) $row->open_steps, (int) $row->faulty)
            ->lines($partsApart, (int) $row->unknown_hours + (int) $row->unknown_parts)
            ->late($this->daysLate($order));
        $asks = $order->asset_id !== null && $order->type->asksWhatFailed((int) $row->visits > 0);

        return $asks && (int) $row->records === 0 ? $facts->withoutRecord() : $facts;
    }

    private function daysLate(WorkOrder $order): int
    {
        if ($order->due_on === null || $order->finished_at === null) {
            return 0;
        }
        $done = $this->days
            ->site($order->site_id)
            ->dayOf(new DateTimeImmutable($order->finished_at, new DateTimeZone('UTC')));

        return max(0, LocalDate::parse($order->due_on)->daysUntil($done));
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, stdClass> by order, in one statement
     */
    private function facts(array $ids): array
    {
        $of = static fn (string $table): Builder => DB::table("{$table} as t")->whereColumn('t.order_id', 'o.id');
        $hours = static fn (): Builder => $of('bookings')
            ->leftJoin('booking_strikes as s', 's.booking_id', '=', 't.id')
            ->whereNull('s.booking_id');

        return DB::table('work_orders as o')
            ->whereIn('o.id', $ids)
            ->select('o.id')
            ->selectSub($hours()->selectRaw('COALESCE(SUM(t.minutes), 0)'), 'booked')
            ->selectSub($hours()->whereNull('t.cost_cents')->selectRaw('COUNT(*)'), 'unknown_hours')
            ->selectSub(
                $hours()->join('users as u', 'u.id', '=', 't.user_id')->selectRaw(
                    "GROUP_CONCAT(DISTINCT u.name ORDER BY u.name SEPARATOR ', ')",
                ),
                'who',
            )
            ->selectSub(
                $of('cost_entries')
                    ->where('t.kind', CostKind::Parts)
                    ->whereNull('t.cents')
                    ->selectRaw('COUNT(DISTINCT t.source_id)'),
                'unknown_parts',
            )
            ->selectSub($of('order_steps')->whereNull('t.ticked_at')->selectRaw('COUNT(*)'), 'open_steps')
            ->selectSub($of('order_steps')->where('t.verdict', 'faulty')->selectRaw('COUNT(*)'), 'faulty')
            ->selectSub($of('failure_records')->selectRaw('COUNT(*)'), 'records')
            ->selectSub($of('order_visits')->selectRaw('COUNT(*)'), 'visits')
            ->get()
            ->keyBy('id')
            ->all();
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, int> by order: how many parts were planned and not used so, or used and not planned
     */
    private function partsApart(array $ids): array
    {
        $used = DB::table('part_uses')
            ->whereIn('order_id', $ids)
            ->selectRaw('order_id, COALESCE(part_id, 0) as part, name, 0 as planned, quantity as used');
        $all = DB::table('order_parts')
            ->whereIn('order_id', $ids)
            ->selectRaw('order_id, COALESCE(part_id, 0) as part, name, quantity as planned, 0 as used')
            ->unionAll($used);

        return DB::query()
            ->fromSub($all, 'all_parts')
            ->groupBy('order_id', 'part', 'name')
            ->havingRaw('SUM(planned) <> SUM(used)')
            ->select('order_id')
            ->get()
            ->groupBy('order_id')
            ->map(static fn (Collection $rows): int => $rows->count())
            ->all();
    }
}
