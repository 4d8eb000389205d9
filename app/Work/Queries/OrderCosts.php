<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\Rate;
use App\Work\Models\Booking;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\BookedByLine;
use Sundial\Costing\CostKind;
use Sundial\Costing\CostSum;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\OrderCost;
use Sundial\Costing\Rates;
use Sundial\Costing\SpentOn;

/** What an order costs by kind: as planned, as agreed with others, and as booked. */
final readonly class OrderCosts
{
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
        $former = $on === SpentOn::Failure ? [] : ($order->formerCost?->byKind() ?? []);
        $sum = static fn (CostKind $kind, Collection $cents): CostSum => CostSum::of(
            ...array_values($cents->all()),
            ...isset($former[$kind->value]) ? [$former[$kind->value][0]] : [],
        );

        return OrderCost::of(
            $sum(CostKind::Labour, $hours->pluck('cost_cents')),
            $sum(CostKind::Parts, collect(PartUse::cents($some($order->uses)))),
            $sum(CostKind::Services, $some($order->serviceBookings)->pluck('cents')),
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
        return self::row(
            DB::table('cost_entries')
                ->whereIn('order_id', $orderIds)
                ->selectRaw('SUM(cents) as cents, SUM(cents IS NULL) as unknown')
                ->first(),
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
        return DB::table('cost_entries')
            ->where('asset_id', $assetId)
            ->groupByRaw('YEAR(on_day), kind')
            ->selectRaw('kind, YEAR(on_day) as year, SUM(cents) as cents, SUM(cents IS NULL) as unknown')
            ->get();
    }

    private static function row(?stdClass $row): CostSum
    {
        return $row === null
            ? CostSum::none()
            : CostSum::added((int) $row->cents, (int) $row->unknown);
    }

    /**
     * @param  list<int>  $trades
     * @return array<int, Rates<HourlyRate>> by trade
     */
    private function rates(array $trades): array
    {
        if ($trades === []) {
            return [];
        }
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
