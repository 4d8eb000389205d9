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
        $ready = array_filter(
            OrderState::cases(),
            static fn (OrderState $one): bool => Lane::of($one)?->isReady() === true,
        );
        $marks = implode(', ', array_fill(0, count($ready), '?'));

        return DB::query()
            ->fromSub($this->planned($siteId)->unionAll($this->filled($siteId)), 'p')
            ->join('trades as t', 't.id', '=', 'p.trade_id')
            ->groupBy('t.name')
            ->orderByRaw('minutes DESC')
            ->selectRaw('t.name as trade, SUM(p.planned) - SUM(p.filled) as minutes')
            ->selectRaw(
                "SUM(IF(p.state IN ({$marks}), p.planned, 0)) - SUM(IF(p.state IN ({$marks}), p.filled, 0)) as ready",
                [...array_column($ready, 'value'), ...array_column($ready, 'value')],
            )
            ->get();
    }

    /** Minutes that are planned in open orders, by trade and state: added up from two indexes. */
    private function planned(int $siteId): Builder
    {
        return DB::table('order_labour as l')
            ->join('work_orders as o', 'o.id', '=', 'l.order_id')
            ->where('o.site_id', $siteId)
            ->whereIn('o.state', OpenStates::VALUES)
            ->whereNull('l.supplier_id')
            ->groupBy('l.trade_id', 'o.state')
            ->selectRaw('l.trade_id, o.state, SUM(l.people * l.minutes) as planned, 0 as filled');
    }

    /** What of them was worked, of the few orders on which hours are booked. */
    private function filled(int $siteId): Builder
    {
        $booked = DB::table('bookings as b')
            ->join('users as u', 'u.id', '=', 'b.user_id')
            ->join('work_orders as o', 'o.id', '=', 'b.order_id')
            ->where('o.site_id', $siteId)
            ->whereIn('o.state', self::BEGUN)
            ->whereNotExists(static fn (Builder $struck) => $struck
                ->from('booking_strikes as k')
                ->whereColumn('k.booking_id', 'b.id'))
            ->groupBy('b.order_id', 'u.trade_id', 'o.state')
            ->selectRaw('b.order_id, u.trade_id, o.state, SUM(b.minutes) as worked');
        $planned = DB::table('order_labour as l')
            ->joinSub($booked, 'w', static fn ($on) => $on
                ->on('w.order_id', '=', 'l.order_id')
                ->on('w.trade_id', '=', 'l.trade_id'))
            ->whereNull('l.supplier_id')
            ->groupBy('l.order_id', 'l.trade_id', 'w.state', 'w.worked')
            ->selectRaw('l.trade_id, w.state, LEAST(SUM(l.people * l.minutes), w.worked) as filled');

        return DB::query()
            ->fromSub($planned, 'f')
            ->groupBy('f.trade_id', 'f.state')
            ->selectRaw('f.trade_id, f.state, 0, SUM(f.filled)');
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
        $unnamed = DB::table('work_orders')
            ->where('site_id', $siteId)
            ->where('state', 'approved')
            ->whereNull('team_id')
            ->whereNull('assignee_id')
            ->selectRaw('COUNT(*)');
        $isolated = static fn (Builder $some) => $some
            ->from('isolations as i')
            ->join('isolation_orders as j', 'j.isolation_id', '=', 'i.id')
            ->whereColumn('j.order_id', 'p.order_id')
            ->whereColumn('i.permit', 'p.permit')
            ->where('i.state', 'in force');
        // Few orders want a permit: the others are not looked at.
        $permits = DB::table('order_permits as p')
            ->join('work_orders as o', 'o.id', '=', 'p.order_id')
            ->where('o.site_id', $siteId)
            ->where('o.state', 'approved')
            ->whereNotExists($isolated)
            ->selectRaw('COUNT(DISTINCT p.order_id)');
        $row = DB::query()->selectSub($unnamed, 'unnamed')->selectSub($permits, 'permits')->first();

        return ['unnamed' => (int) $row?->unnamed, 'permits' => (int) $row?->permits];
    }
}
