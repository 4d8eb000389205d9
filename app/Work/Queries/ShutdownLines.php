<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Work\OrderState;
use Sundial\Work\Shutdown\ShutdownOrder;

/** The orders of shutdowns in their sequence, with the hours that are planned and booked of each. */
final readonly class ShutdownLines
{
    /**
     * @return Collection<int, stdClass> id, shutdown, number, title, state, stage, hold_reason, priority, turn, tag,
     *     who, length, planned, booked, added_on, added_who, late_reason, grown
     */
    public function of(int ...$shutdowns): Collection
    {
        $planned = 'SELECT SUM(l.people * l.minutes) FROM order_labour l WHERE l.order_id = o.id';
        $booked = 'SELECT SUM(b.minutes) FROM bookings b WHERE b.order_id = o.id AND NOT EXISTS ('.
            'SELECT 1 FROM booking_strikes k WHERE k.booking_id = b.id)';

        return DB::table('shutdown_orders as s')
            ->join('work_orders as o', 'o.id', '=', 's.order_id')
            ->leftJoin('assets as a', 'a.id', '=', 'o.asset_id')
            ->leftJoin('locations as p', 'p.id', '=', 'o.location_id')
            ->leftJoin('teams as t', 't.id', '=', 'o.team_id')
            ->leftJoin('users as u', 'u.id', '=', 'o.assignee_id')
            ->whereIn('s.shutdown_id', $shutdowns)
            ->orderBy('s.turn')
            ->orderBy('o.number')
            ->select(['o.id', 'o.number', 'o.title', 'o.state', 'o.stage', 'o.hold_reason', 'o.priority', 'o.grown'])
            ->addSelect(['s.turn', 's.added_on', 's.added_who', 's.late_reason'])
            ->addSelect(['s.shutdown_id as shutdown', 'o.planned_minutes as length'])
            ->selectRaw('COALESCE(a.tag, p.tag) as tag, COALESCE(u.name, t.name) as who')
            ->selectRaw("COALESCE(({$planned}), 0) as planned, COALESCE(({$booked}), 0) as booked")
            ->get();
    }

    /** @return array<int, array{string, int}> label and turn of each of its orders */
    public function turns(int $shutdownId): array
    {
        return DB::table('shutdown_orders as s')
            ->join('work_orders as o', 'o.id', '=', 's.order_id')
            ->where('s.shutdown_id', $shutdownId)
            ->orderBy('o.number')
            ->get(['o.id', 'o.number', 's.turn'])
            ->mapWithKeys(static fn (stdClass $one): array => [
                (int) $one->id => ["W-{$one->number}", (int) $one->turn],
            ])
            ->all();
    }

    public static function order(stdClass $row): ShutdownOrder
    {
        return ShutdownOrder::of((int) $row->turn, OrderState::from((string) $row->state), (int) $row->length)
            ->withHours((int) $row->planned, (int) $row->booked);
    }

    /** @return stdClass|null the shutdown in which an order is worked: id, number, title, turn, before: open in turns
     *     before its own */
    public function around(int $orderId): ?stdClass
    {
        $before = 'SELECT COUNT(*) FROM shutdown_orders x JOIN work_orders w ON w.id = x.order_id '.
            'WHERE x.shutdown_id = s.shutdown_id AND x.turn < s.turn AND w.open_due_on IS NOT NULL';

        return DB::table('shutdown_orders as s')
            ->join('shutdowns as d', 'd.id', '=', 's.shutdown_id')
            ->where('s.order_id', $orderId)
            ->selectRaw("d.id, d.number, d.title, s.turn, ({$before}) as `before`")
            ->first();
    }
}
