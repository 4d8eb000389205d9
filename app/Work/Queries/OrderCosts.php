<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\Rate;
use App\Work\Models\Booking;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\BookedByLine;
use Sundial\Costing\CostSum;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\OrderCost;
use Sundial\Costing\Rates;
use Sundial\Costing\SpentOn;

/** What an order costs by kind: as planned, as agreed with others, and as booked. */
final readonly class OrderCosts
{
    /** Where each kind of cost is booked: table, cents, day. */
    private const BOOKED = [
        'labour' => ['bookings', 'cost_cents', 'worked_on'],
        'parts' => ['part_uses', 'value_cents', 'used_on'],
        'services' => ['service_bookings', 'cents', 'booked_on'],
    ];

    /** At the rates of the trades on the day for which it is planned, and the prices of its lines. */
    public function planned(WorkOrder $order, LocalDate $today): OrderCost
    {
        $on = $order->planned_on === null ? $today : LocalDate::parse($order->planned_on);
        $rates = $this->rates(array_values($order->labour->pluck('trade_id')->unique()->all()));
        $labour = $order->labour->map(static function (OrderLabour $line) use ($rates, $on): ?int {
            // What was agreed with a contractor holds; our own people cost what their trade does.
            $rate = $line->rate === null
                ? ($rates[$line->trade_id] ?? null)?->on($on)
                : HourlyRate::parse($line->rate);

            return $rate === null ? null : LabourCost::planned($line->people * $line->minutes, $rate);
        });

        return OrderCost::of(
            CostSum::of(...array_values($labour->all())),
            CostSum::of(...array_values($order->parts->map(static fn (OrderPart $line): ?int => $line->cost())->all())),
            CostSum::of(...array_values(
                $order->services->map(static fn (OrderService $line): ?int => $line->planned_cents)->all(),
            )),
        );
    }

    /** What was agreed with others and is not booked yet. */
    public function committed(WorkOrder $order): OrderCost
    {
        $agreed = $order->services->whereNotNull('agreed_on')->pluck('planned_cents')->all();

        return OrderCost::of(
            CostSum::none(),
            CostSum::none(),
            CostSum::of(...array_values($agreed))->stillToCome($this->booked($order)->services),
        );
    }

    /** @param  SpentOn|null  $on  what was spent on that alone */
    public function booked(WorkOrder $order, ?SpentOn $on = null): OrderCost
    {
        $some = static fn (Collection $lines): Collection => $on === null ? $lines : $lines->where('spent_on', $on);
        $hours = $some($order->bookings->whereNull('strike'));

        return OrderCost::of(
            CostSum::of(...array_values($hours->pluck('cost_cents')->all())),
            CostSum::of(...array_values($some($order->uses)->pluck('value_cents')->all())),
            CostSum::of(...array_values($some($order->serviceBookings)->pluck('cents')->all())),
        );
    }

    /** What was booked, set against each line of its labour. */
    public function byLine(WorkOrder $order): BookedByLine
    {
        $lines = $order->labour->whereNull('supplier_id')->mapWithKeys(
            static fn (OrderLabour $line): array => [$line->id => [$line->trade_id, $line->people * $line->minutes]],
        );
        $hours = $order->bookings->whereNull('strike')->where('spent_on', SpentOn::Plan);

        return BookedByLine::of(
            $lines->all(),
            array_values($hours->map(
                static fn (Booking $one): array => [$one->person->trade_id, $one->minutes, $one->cost_cents],
            )->all()),
        );
    }

    /** What is booked of several orders together. */
    public function bookedOn(int ...$orderIds): CostSum
    {
        $sum = CostSum::none();
        foreach (self::BOOKED as [$table, $cents]) {
            $row = DB::table("{$table} as b")
                ->whereIn('b.order_id', $orderIds)
                ->when($table === 'bookings', self::standing(...))
                ->selectRaw("SUM(b.{$cents}) as cents, SUM(b.{$cents} IS NULL) as unknown")
                ->first();
            $sum = $sum->plus(self::row($row));
        }

        return $sum;
    }

    /** Bookings that were not struck out. */
    private static function standing(Builder $some): Builder
    {
        return $some->whereNotExists(
            static fn (Builder $struck) => $struck->from('booking_strikes as s')->whereColumn('s.booking_id', 'b.id'),
        );
    }

    /**
     * What the orders of an asset cost by year and kind, the last year first.
     *
     * @return array<int, OrderCost>
     */
    public function ofAsset(int $assetId): array
    {
        $costs = [];
        foreach ($this->sums($assetId)->groupBy('year')->sortKeysDesc() as $year => $kinds) {
            $of = static fn (string $kind): CostSum => self::row($kinds->firstWhere('kind', $kind));
            $costs[(int) $year] = OrderCost::of($of('labour'), $of('parts'), $of('services'));
        }

        return $costs;
    }

    /** @return Collection<int, stdClass> year, kind, cents and how many lines are of unknown cost */
    private function sums(int $assetId): Collection
    {
        $all = null;
        foreach (self::BOOKED as $kind => [$table, $cents, $day]) {
            $one = DB::table("{$table} as b")
                ->join('work_orders as o', 'o.id', '=', 'b.order_id')
                ->where('o.asset_id', $assetId)
                ->when($table === 'bookings', self::standing(...))
                ->groupByRaw("YEAR(b.{$day})")
                ->selectRaw('? as kind', [$kind])
                ->selectRaw("YEAR(b.{$day}) as year, SUM(b.{$cents}) as cents, SUM(b.{$cents} IS NULL) as unknown");
            $all = $all === null ? $one : $all->unionAll($one);
        }

        return $all?->get() ?? collect();
    }

    private static function row(?stdClass $row): CostSum
    {
        return $row === null
            ? CostSum::none()
            : CostSum::of((int) $row->cents, ...array_fill(0, (int) $row->unknown, null));
    }

    /**
     * @param  list<int>  $trades
     * @return array<int, Rates<HourlyRate>> by trade
     */
    private function rates(array $trades): array
    {
        $rates = [];
        foreach (Rate::query()->whereIn('trade_id', $trades)->get()->groupBy('trade_id') as $trade => $of) {
            $pairs = $of->map(static fn (Rate $rate): array => [
                LocalDate::parse($rate->from_day),
                $rate->hourly(),
            ]);
            $rates[(int) $trade] = Rates::of([], array_values($pairs->all()));
        }

        return $rates;
    }
}
