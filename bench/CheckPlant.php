<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\Planning\Models\Schedule;
use App\Planning\Projections\RecountStandings;
use App\Platform\Sites\SiteDays;
use App\Register\Projections\AreasOfAssets;
use App\Work\Models\Booking;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;

/** Recounts what hangs together in a plant: sums and standings that are kept beside what they are made from. */
final class CheckPlant extends Command
{
    protected $signature = 'bench:check';

    protected $description = 'Recounts what hangs together, and names what does not';

    public function handle(SiteDays $days, RecountStandings $recount): int
    {
        $broken = [
            ...$this->none('visits with one number twice', $this->visitsTwice()),
            ...$this->none('visits in hand without exactly one open order', $this->inHandWithout()),
            ...$this->none('open orders that cover a visit which is not in hand', $this->coveredNotInHand()),
            ...$this->none(
                'schedules in hand without a visit in hand, or the other way round',
                $this->schedulesInHand(),
            ),
            ...$this->none('orders without the entries of their moves', $this->withoutEntries()),
            ...$this->none('bookings of another cost', $this->costs()),
            ...$this->none('orders whose cost is carried otherwise than it was booked', $this->carried()),
            ...$this->none('days that cost something else than their entries say', $this->costDays()),
            ...$this->none('assets with another number of open orders', $this->openOrders()),
            ...$this->none('days with another load', $this->loads()),
            ...$this->none('schedules whose next visit is of another method or level', $this->nextVisits()),
            ...$this->none('schedules of another nearness', $this->nearness($days)),
            ...$this->none('schedules that stand otherwise than counted', $this->standings($recount)),
            ...$this->none('assets whose path is not that of what they stand in', $this->paths()),
            ...$this->none('assets counted in another area than they stand in', $this->areas()),
            ...$this->none('stock that is not what its ledger says', $this->stock()),
            ...$this->none('stock promised otherwise than claimed', $this->promised()),
            ...$this->none('stock with another quantity on order', $this->onOrder()),
            ...$this->none('days of stock that are not what moved on them', $this->days()),
            ...$this->none('batches that are not what came and went of them', $this->lots()),
            ...$this->none('days of stops that are not what stood on them', $this->stopDays()),
            ...$this->none('months of stops that are not what their days say', $this->stopMonths()),
            ...$this->none('days of stops whose shifts say something else', $this->stopShifts()),
            ...$this->none('jobs that failed', array_values(DB::table('failed_jobs')->pluck('uuid')->all())),
        ];
        foreach ($broken as $line) {
            $this->line($line);
        }
        if ($broken === []) {
            $this->line('Everything hangs together.');
        }

        return $broken === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param  list<mixed>  $found
     * @return list<string>
     */
    private function none(string $what, array $found): array
    {
        return $found === []
            ? []
            : [
                count($found).
                " {$what}, such as ".
                implode(', ', array_slice(array_map(strval(...), $found), 0, 5)),
            ];
    }

    /** @return list<mixed> on hand and worth: the sum of the ledger, and what its last line says */
    private function stock(): array
    {
        return array_values(
            DB::table('stock as s')
                ->leftJoin('stock_moves as m', 'm.stock_id', '=', 's.id')
                ->groupBy('s.id', 's.on_hand', 's.value_cents')
                ->havingRaw('s.on_hand <> COALESCE(SUM(m.quantity), 0)')
                ->orHavingRaw('s.value_cents <> COALESCE(SUM(m.value_cents), 0)')
                ->orHavingRaw('s.on_hand <> COALESCE((SELECT x.on_hand_after FROM stock_moves x '.
                    'WHERE x.stock_id = s.id ORDER BY x.id DESC LIMIT 1), 0)')
                ->pluck('s.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function promised(): array
    {
        return array_values(
            DB::table('stock as s')
                ->leftJoin('part_claims as c', 'c.stock_id', '=', 's.id')
                ->groupBy('s.id', 's.promised', 's.short')
                ->havingRaw('s.promised <> COALESCE(SUM(c.promised), 0)')
                ->orHavingRaw('s.short <> COALESCE(SUM(c.quantity - c.promised), 0)')
                ->pluck('s.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function days(): array
    {
        $moved = DB::table('stock_moves')
            ->groupBy('site_id', 'moved_on', 'kind')
            ->selectRaw('site_id, moved_on, kind, SUM(value_cents) as cents, COUNT(*) as moves');

        return array_values(
            DB::table('stock_days as d')
                ->leftJoinSub($moved, 'm', static fn ($both) => $both
                    ->on('m.site_id', '=', 'd.site_id')
                    ->on('m.moved_on', '=', 'd.moved_on')
                    ->on('m.kind', '=', 'd.kind'))
                ->whereRaw('d.value_cents <> COALESCE(m.cents, 0) OR d.moves <> COALESCE(m.moves, 0)')
                ->pluck('d.moved_on')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function lots(): array
    {
        return array_values(
            DB::table('lots as l')
                ->leftJoin('lot_moves as m', 'm.lot_id', '=', 'l.id')
                ->groupBy('l.id', 'l.quantity')
                ->havingRaw('l.quantity <> COALESCE(SUM(m.quantity), 0)')
                ->pluck('l.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function onOrder(): array
    {
        return array_values(
            DB::table('stock as s')
                ->whereRaw('s.on_order <> (SELECT COALESCE(SUM(GREATEST(l.quantity - l.received, 0)), 0) '.
                    'FROM purchase_lines l JOIN purchases p ON p.id = l.purchase_id '.
                    "WHERE l.stock_id = s.id AND p.state IN ('sent', 'part received'))")
                ->pluck('s.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function visitsTwice(): array
    {
        return array_values(
            DB::table('visits')
                ->groupBy('schedule_id', 'number')
                ->havingRaw('COUNT(*) > 1')
                ->pluck('schedule_id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function inHandWithout(): array
    {
        return array_values(
            DB::table('visits as v')
                ->leftJoin('order_visits as o', 'o.visit_id', '=', 'v.id')
                ->leftJoin(
                    'work_orders as w',
                    static fn ($join) => $join
                        ->on('w.id', '=', 'o.order_id')
                        ->whereIn('w.state', ['draft', 'planned', 'approved', 'under way', 'on hold']),
                )
                ->where('v.state', 'in hand')
                ->groupBy('v.id')
                ->havingRaw('COUNT(w.id) <> 1')
                ->pluck('v.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function coveredNotInHand(): array
    {
        return array_values(
            DB::table('order_visits as o')
                ->join('work_orders as w', 'w.id', '=', 'o.order_id')
                ->join('visits as v', 'v.id', '=', 'o.visit_id')
                ->whereIn('w.state', ['draft', 'planned', 'approved', 'under way', 'on hold'])
                ->where('v.state', '<>', 'in hand')
                // The visit of an order that was opened again stays done where the next one has an order already.
                ->whereNot(
                    static fn ($again) => $again
                        ->where('v.state', 'done')
                        ->whereExists(
                            static fn ($entry) => $entry
                                ->from('audit_entries as e')
                                ->where('e.kind', 'order')
                                ->whereColumn('e.subject_id', 'w.id')
                                ->where('e.did', 'like', 'reopened %'),
                        ),
                )
                ->pluck('w.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function schedulesInHand(): array
    {
        return array_values(
            DB::table('schedule_standings as n')
                ->leftJoin(
                    'visits as v',
                    static fn ($join) => $join
                        ->on('v.schedule_id', '=', 'n.schedule_id')
                        ->where('v.state', 'in hand'),
                )
                ->whereRaw('NOT (n.visit_id <=> v.id)')
                ->pluck('n.schedule_id')
                ->all(),
        );
    }

    /** @return list<mixed> orders that were finished and whose log says it another number of times */
    private function withoutEntries(): array
    {
        return array_values(
            DB::table('work_orders as w')
                ->whereNotNull('w.batch_id')
                ->whereIn('w.state', ['under way', 'done'])
                ->whereRaw(
                    // One that was opened again was finished once more than that.
                    "(SELECT SUM(IF(e.did LIKE 'reopened %', IF(w.state = 'done', -1, 0), 1)) FROM audit_entries e ".
                        "WHERE e.kind = 'order' AND e.subject_id = w.id AND (e.did LIKE 'reopened %' OR e.did LIKE ".
                        "IF(w.state = 'done', 'finished %', 'started %'))) <> 1",
                )
                ->pluck('w.id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function standings(RecountStandings $recount): array
    {
        $wrong = [];
        foreach (Schedule::query()->where('ended', false)->with(['meter', 'gauge'])->cursor() as $schedule) {
            $differ = array_keys($recount->differences($schedule));
            if ($differ !== []) {
                $wrong[] = "{$schedule->id} (".implode(' ', $differ).')';
            }
        }

        return $wrong;
    }

    /** @return list<mixed> */
    private function costs(): array
    {
        $wrong = [];
        foreach (Booking::query()->whereNotNull('rate')->cursor() as $booking) {
            $cost = LabourCost::of($booking->worked(), HourlyRate::parse((string) $booking->rate));
            if ($cost !== $booking->cost_cents) {
                $wrong[] = $booking->id;
            }
        }

        return $wrong;
    }

    /** @return list<mixed> */
    private function carried(): array
    {
        $booked = 'SELECT order_id, SUM(cents) as cents FROM ('.
            'SELECT order_id, cost_cents as cents FROM bookings b WHERE NOT EXISTS '.
            '(SELECT 1 FROM booking_strikes k WHERE k.booking_id = b.id) '.
            'UNION ALL SELECT order_id, value_cents FROM part_uses '.
            'UNION ALL SELECT order_id, cents FROM service_bookings) lines_of GROUP BY order_id';

        return array_column(
            DB::select(
                "SELECT o.id FROM work_orders o LEFT JOIN ({$booked}) b ON b.order_id = o.id LEFT JOIN (".
                    'SELECT order_id, SUM(cents) as cents FROM cost_entries GROUP BY order_id) e '.
                    'ON e.order_id = o.id WHERE COALESCE(b.cents, 0) <> COALESCE(e.cents, 0) '.
                    'OR COALESCE(o.booked_cents, 0) <> COALESCE(e.cents, 0)',
            ),
            'id',
        );
    }

    /** @return list<mixed> */
    private function costDays(): array
    {
        $top = "SUBSTRING_INDEX(SUBSTRING(path, 2), '/', 1)";
        $wrong = [];
        foreach ([
            'cost_days' => [['class_id', 'cost_centre_id', 'type', 'work'], 'class_id, cost_centre_id, type, work'],
            'cost_place_days' => [['top'], "{$top} as top"],
        ] as $table => [$by, $of]) {
            $entries = DB::table('cost_entries')->selectRaw(
                "site_id, on_day, kind, {$of}, COALESCE(cents, 0) as cents, cents IS NULL as unknown, seconds",
            );
            $days = DB::table($table)->select(['site_id', 'on_day', 'kind', ...$by])->selectRaw(
                '-cents, -unknown, -seconds',
            );
            $wrong = [...$wrong, ...DB::query()
                ->fromSub($entries->unionAll($days), 'both_ways')
                ->groupBy('site_id', 'on_day', 'kind', ...$by)
                ->havingRaw('SUM(cents) <> 0 OR SUM(unknown) <> 0 OR SUM(seconds) <> 0')
                ->pluck('on_day')
                ->all()];
        }

        return $wrong;
    }

    /** @return list<mixed> */
    private function openOrders(): array
    {
        return array_values(
            DB::table('asset_summaries as n')
                ->whereRaw(
                    'n.open_orders <> (SELECT COUNT(*) FROM order_assets r JOIN work_orders w ON w.id = r.order_id '.
                        "WHERE r.asset_id = n.asset_id AND r.state <> 'left out' ".
                        "AND w.state IN ('draft', 'planned', 'approved', 'under way', 'on hold'))",
                )
                ->pluck('n.asset_id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function areas(): array
    {
        return array_values(
            DB::table('asset_summaries as n')
                ->join('assets as a', 'a.id', '=', 'n.asset_id')
                ->whereRaw('NOT (n.area_id <=> '.AreasOfAssets::OF_PATH.')')
                ->pluck('n.asset_id')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function loads(): array
    {
        $counted = DB::table('coming_visits')->selectRaw(
            'site_id, planned_on, method_id, level, 1 as visits, expected',
        );
        $kept = DB::table('outlook_loads')->selectRaw(
            'site_id, planned_on, method_id, level, -CAST(visits AS SIGNED) as visits, -CAST(expected AS SIGNED)',
        );

        return array_values(
            DB::query()
                ->fromSub($counted->unionAll($kept), 'both_ways')
                ->groupBy('site_id', 'planned_on', 'method_id', 'level')
                ->havingRaw('SUM(visits) <> 0 OR SUM(expected) <> 0')
                ->pluck('planned_on')
                ->all(),
        );
    }

    /** @return list<mixed> */
    private function nextVisits(): array
    {
        return array_values(
            DB::table('schedule_standings as n')
                ->leftJoin('coming_visits as v', static fn ($join) => $join
                    ->on('v.schedule_id', '=', 'n.schedule_id')
                    ->on('v.planned_on', '=', 'n.next_due_on'))
                ->whereRaw('NOT (n.next_method_id <=> v.method_id AND n.next_level <=> v.level)')
                ->pluck('n.schedule_id')
                ->all(),
        );
    }

    /** @return list<mixed> schedules whose nearness, as the core says it, is not what lists are sorted by */
    private function nearness(SiteDays $days): array
    {
        $wrong = [];
        foreach (Schedule::query()->where('ended', false)->cursor() as $schedule) {
            $said = $schedule->nearnessOn($days->today($schedule->site_id))['nearness'];
            if ($said !== $schedule->standing->nearness?->value) {
                $wrong[] = $schedule->id;
            }
        }

        return $wrong;
    }

    /** @return list<mixed> */
    private function paths(): array
    {
        return array_values(
            DB::table('assets as a')
                ->leftJoin('assets as p', 'p.id', '=', 'a.parent_id')
                ->leftJoin('locations as l', 'l.id', '=', 'a.location_id')
                ->whereRaw("a.path <> CONCAT(COALESCE(p.path, l.path), 'A', a.id, '/')")
                ->pluck('a.id')
                ->all(),
        );
    }

    /** @return list<string> assets whose kept days of stops are another sum than their stops */
    private function stopDays(): array
    {
        return array_values(DB::table('assets as a')
            ->leftJoinSub(
                DB::table('stops')
                    ->whereNull('struck_at')
                    ->whereNotNull('to_at')
                    ->groupBy('asset_id')
                    ->selectRaw('asset_id, COUNT(*) as stops'),
                's',
                's.asset_id',
                '=',
                'a.id',
            )
            ->leftJoinSub(
                DB::table('stop_days')->groupBy('asset_id')->selectRaw('asset_id, SUM(stops) as stops'),
                'd',
                'd.asset_id',
                '=',
                'a.id',
            )
            ->whereRaw('COALESCE(s.stops, 0) <> COALESCE(d.stops, 0)')
            ->pluck('a.tag')
            ->map(static fn (mixed $tag): string => (string) $tag)
            ->all());
    }

    /** @return list<string> assets whose kept months of stops are another sum than their days */
    private function stopMonths(): array
    {
        $days = DB::table('stop_days')->selectRaw(
            "asset_id, reason, DATE_FORMAT(day, '%Y-%m-01') as month, stops as of_days, seconds as days_s, ".
                '0 as of_month, 0 as month_s',
        );
        $months = DB::table('stop_months')->selectRaw('asset_id, reason, month, 0, 0, stops, seconds');

        return array_values(DB::query()
            ->fromSub($days->unionAll($months), 'd')
            ->join('assets as a', 'a.id', '=', 'd.asset_id')
            ->groupBy('a.tag', 'd.reason', 'd.month')
            ->havingRaw('SUM(d.of_days) <> SUM(d.of_month) OR SUM(d.days_s) <> SUM(d.month_s)')
            ->distinct()
            ->pluck('a.tag')
            ->map(static fn (mixed $tag): string => (string) $tag)
            ->all());
    }

    /** @return list<string> assets whose stops come to another sum by shift, product and cause than by reason */
    private function stopShifts(): array
    {
        $days = DB::table('stop_days')->selectRaw(
            'asset_id, day, planned, stops as of_days, seconds as days_s, 0 as of_shifts, 0 as shifts_s',
        );
        $shifts = DB::table('stop_shift_days')->selectRaw('asset_id, day, planned, 0, 0, stops, seconds');

        return array_values(DB::query()
            ->fromSub($days->unionAll($shifts), 'd')
            ->join('assets as a', 'a.id', '=', 'd.asset_id')
            ->groupBy('a.tag', 'd.day', 'd.planned')
            ->havingRaw('SUM(d.of_days) <> SUM(d.of_shifts) OR SUM(d.days_s) <> SUM(d.shifts_s)')
            ->distinct()
            ->pluck('a.tag')
            ->map(static fn (mixed $tag): string => (string) $tag)
            ->all());
    }
}
