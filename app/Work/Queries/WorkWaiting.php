<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Orders\OpenStates;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderState;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\Lane;
use Sundial\Work\Waiting\Middle;
use Sundial\Work\WorkKind;

/** What of the work of a site waits where, since when, and for whom. */
final readonly class WorkWaiting
{
    /** So many posts of a lane are drawn: those that stand there longest. */
    private const MOST = 200;

    /** Open, and hours may be booked on it. */
    private const BEGUN = ['under way', 'on hold'];

    public function agreed(int $siteId): AgreedStay
    {
        $days = DB::table('agreed_stays')->where('site_id', $siteId)->pluck('days', 'lane');

        return AgreedStay::of($days->map(static fn (mixed $most): int => (int) $most)->all());
    }

    /**
     * @return Collection<string, Collection<int, stdClass>> orders by the lane in which they wait, the longest first:
     *     id, number, title, from_at, and how many stand in the same state
     */
    public function standing(int $siteId): Collection
    {
        $longest = null;
        foreach ([...OpenStates::VALUES, OrderState::Done->value] as $state) {
            $of = DB::table('work_orders')->where('site_id', $siteId)->where('state', $state);
            $some = (clone $of)
                ->orderBy('since_at')
                ->limit(self::MOST)
                ->select(['id', 'number', 'title', 'state', 'since_at as from_at'])
                ->selectSub((clone $of)->selectRaw('COUNT(*)'), 'many');
            $longest = $longest === null ? $some : $longest->unionAll($some);
        }

        return DB::query()
            ->fromSub($longest, 'some')
            ->orderBy('from_at')
            ->get()
            ->groupBy(static fn (stdClass $row): string => (string) Lane::of(
                OrderState::from((string) $row->state),
            )?->value);
    }

    /** @return Collection<int, stdClass> requests that wait for an answer: id, number, title, from_at */
    public function requests(int $siteId): Collection
    {
        return DB::table('requests')
            ->where('site_id', $siteId)
            ->whereIn('state', ['received', 'asked back'])
            ->orderBy('received_at')
            ->limit(self::MOST)
            ->selectRaw('id, number, COALESCE(symptom, LEFT(what, 80)) as title, received_at as from_at')
            ->get();
    }

    /**
     * Minutes of people that are planned in open orders and not booked yet, by trade: what was booked of a trade fills
     * its lines, so no line of an order is left below nothing.
     *
     * @return Collection<int, stdClass> trade, minutes, ready
     */
    public function backlog(int $siteId): Collection
    {
        $planned = DB::table('order_labour as l')
            ->join('work_orders as o', 'o.id', '=', 'l.order_id')
            ->where('o.site_id', $siteId)
            ->whereNotNull('o.open_due_on')
            ->whereNull('l.supplier_id')
            ->groupBy('l.order_id', 'l.trade_id', 'o.state')
            ->selectRaw('l.order_id, l.trade_id, o.state, SUM(l.people * l.minutes) as planned');
        $booked = DB::table('bookings as b')
            ->join('users as u', 'u.id', '=', 'b.user_id')
            ->join('work_orders as o', 'o.id', '=', 'b.order_id')
            ->where('o.site_id', $siteId)
            ->whereIn('o.state', self::BEGUN)
            ->whereNotExists(static fn (Builder $struck) => $struck
                ->from('booking_strikes as k')
                ->whereColumn('k.booking_id', 'b.id'))
            ->groupBy('b.order_id', 'u.trade_id')
            ->selectRaw('b.order_id, u.trade_id, SUM(b.minutes) as worked');
        $ready = array_filter(
            OrderState::cases(),
            static fn (OrderState $one): bool => Lane::of($one)?->isReady() === true,
        );
        $marks = implode(', ', array_fill(0, count($ready), '?'));
        $left = 'GREATEST(0, p.planned - COALESCE(w.worked, 0))';

        return DB::query()
            ->fromSub($planned, 'p')
            ->leftJoinSub(
                $booked,
                'w',
                static fn ($on) => $on->on('w.order_id', 'p.order_id')->on('w.trade_id', 'p.trade_id'),
            )
            ->join('trades as t', 't.id', '=', 'p.trade_id')
            ->groupBy('t.name')
            ->orderByRaw('minutes DESC')
            ->selectRaw("t.name as trade, SUM({$left}) as minutes")
            ->selectRaw(
                "SUM(CASE WHEN p.state IN ({$marks}) THEN {$left} ELSE 0 END) as ready",
                array_column($ready, 'value'),
            )
            ->get();
    }

    /** @return array{due: int, done: int, unplanned: int, late: int} planned work of a week, and the rest */
    public function week(int $siteId, LocalDate $monday, LocalDate $today): array
    {
        $orders = static fn (): Builder => DB::table('work_orders')->where('site_id', $siteId)->selectRaw('COUNT(*)');
        $planned = static fn (): Builder => $orders()
            ->where('kind', WorkKind::Planned->value)
            ->whereBetween('due_on', [(string) $monday, (string) $monday->plusDays(6)]);
        $over = [OrderState::Done->value, OrderState::Closed->value];
        // Each of an index of its own: together they would read all orders there ever were.
        $row = DB::query()
            ->selectSub($planned()->where('state', '<>', OrderState::Cancelled->value), 'due')
            ->selectSub($planned()->whereIn('state', $over), 'done')
            ->selectSub(
                $orders()
                    ->where('finished_at', '>=', (string) $monday)
                    ->where('kind', WorkKind::Unplanned->value)
                    ->whereIn('state', $over),
                'unplanned',
            )
            ->selectSub($orders()->where('open_due_on', '<', (string) $today), 'late')
            ->first();

        return [
            'due' => (int) $row?->due,
            'done' => (int) $row?->done,
            'unplanned' => (int) $row?->unplanned,
            'late' => (int) $row?->late,
        ];
    }

    /** Minutes until a request was answered first, in the middle of those of the last time; null without any. */
    public function firstAnswer(int $siteId, DateTimeImmutable $since): ?int
    {
        $minutes = DB::table('requests')
            ->where('site_id', $siteId)
            ->where('received_at', '>=', $since->format('Y-m-d H:i:s'))
            ->whereNotNull('answered_at')
            ->orderByDesc('received_at')
            ->selectRaw('TIMESTAMPDIFF(MINUTE, received_at, answered_at) as minutes')
            ->limit(1000)
            ->pluck('minutes');

        return Middle::of(array_values($minutes->map(static fn (mixed $one): int => (int) $one)->all()));
    }

    /** @return Collection<int, stdClass> on hold, by what they wait for: reason, n, and the first day to look again */
    public function holds(int $siteId): Collection
    {
        return DB::table('work_orders')
            ->where('site_id', $siteId)
            ->where('state', 'on hold')
            ->groupBy('hold_reason')
            ->orderByRaw('n DESC')
            ->selectRaw('hold_reason as reason, COUNT(*) as n, MIN(look_again_on) as look')
            ->get();
    }

    /** @return array{unnamed: int, permits: int} approved orders for which nobody is named, and that want a permit */
    public function lacking(int $siteId): array
    {
        $row = DB::table('work_orders as o')
            ->where('o.site_id', $siteId)
            ->where('o.state', 'approved')
            ->selectRaw('SUM(o.assignee_id IS NULL AND o.team_id IS NULL) as unnamed')
            ->selectRaw(
                'SUM(EXISTS (SELECT 1 FROM order_permits p WHERE p.order_id = o.id AND NOT EXISTS ('.
                    'SELECT 1 FROM isolations i JOIN isolation_orders j ON j.isolation_id = i.id '.
                    "WHERE j.order_id = o.id AND i.permit = p.permit AND i.state = 'in force'))) as permits",
            )
            ->first();

        return ['unnamed' => (int) $row?->unnamed, 'permits' => (int) $row?->permits];
    }
}
