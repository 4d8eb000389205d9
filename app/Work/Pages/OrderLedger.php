<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderCosts;
use Sundial\Access\Right;
use Sundial\Costing\CostSum;
use Sundial\Costing\OrderCost;
use Sundial\Costing\SpentOn;
use Sundial\Support\Rounding;

/** The ledger of an order by kind: what is planned, agreed and booked; amounts for those alone who may see them. */
final readonly class OrderLedger
{
    public function __construct(private OrderCosts $costs, private Wording $words)
    {
    }

    /** @return list<LedgerRow> the last one is all kinds together */
    public function __invoke(WorkOrder $order): array
    {
        $planned = $this->costs->planned($order, $this->words->today());
        $committed = $this->costs->committed($order);
        $booked = $this->costs->booked($order);
        $widest = max(
            1,
            ...array_map(
                static fn (OrderCost $cost): int => max(
                    $cost->labour->cents,
                    $cost->parts->cents,
                    $cost->services->cents,
                ),
                [$planned, $booked],
            ),
        );
        $hasServices = $order->services->isNotEmpty() || $order->serviceBookings->isNotEmpty();
        $rows = [
            $this->row(
                ['Labour', '#people', $this->words->minutes($order->planned_minutes), $this->labour($order)],
                [$planned->labour, $committed->labour, $booked->labour],
                $widest,
            ),
            $this->row(
                ['Parts', '#parts', self::some($order->parts->count()), $this->parts($order)],
                [$planned->parts, $committed->parts, $booked->parts],
                $widest,
            ),
            $this->row(
                [
                    'Services',
                    $hasServices ? '#services' : '',
                    self::some($order->services->count()),
                    $this->services($order),
                ],
                [$planned->services, $committed->services, $booked->services],
                $widest,
            ),
        ];
        $rows[] = $this->row(
            ['In all', '#cost', '', $this->all($planned->total(), $booked->total())],
            [$planned->total(), $committed->total(), $booked->total()],
            max(1, $planned->total()->cents, $booked->total()->cents),
        );

        return $rows;
    }

    /** What of it went into mending a failure that was found on the way; null where nothing did. */
    public function ofFailure(WorkOrder $order): ?string
    {
        $minutes = (int) $order->bookings
            ->whereNull('strike')
            ->where('spent_on', SpentOn::Failure)
            ->sum('minutes');
        $cost = $this->costs->booked($order, SpentOn::Failure)->total();
        if ($minutes === 0 && $cost->isEmpty()) {
            return null;
        }

        return $this->words->minutes($minutes).(Rights::has(Right::SeeCosts) ? " · {$this->words->cost($cost)}" : '');
    }

    /**
     * @param  array{string, string, string, string}  $words  kind, where it stands, how much, how it stands
     * @param  array{CostSum, CostSum, CostSum}  $sums  planned, committed, booked
     */
    private function row(array $words, array $sums, int $widest): LedgerRow
    {
        [$planned, $committed, $booked] = $sums;
        $sees = Rights::has(Right::SeeCosts);
        $share = static fn (CostSum $sum): int => min(1000, intdiv(1000 * max(0, $sum->cents), $widest));

        return new LedgerRow(
            $words[0],
            $words[1],
            $words[2],
            $sees ? $this->words->cost($planned) : null,
            $sees ? $this->words->cost($committed) : null,
            $sees ? $this->words->cost($booked) : null,
            $share($planned),
            $share($booked),
            $words[3],
            $planned->isKnown() && $booked->cents > $planned->cents && ! $planned->isEmpty(),
        );
    }

    private static function some(int $count): string
    {
        return $count === 0 ? '' : (string) $count;
    }

    private function labour(WorkOrder $order): string
    {
        $booked = (int) $order->bookings->whereNull('strike')->sum('minutes') + (int) $order->formerCost?->minutes;
        $people = $order->labour->sum('people');

        return match (true) {
            $booked > 0 => "{$this->words->minutes($booked)} booked",
            $people > 0 => $this->words->count((int) $people, 'person', 'people').' wanted',
            default => 'nobody planned yet',
        };
    }

    private function parts(WorkOrder $order): string
    {
        $used = $order->uses->count();

        return match (true) {
            $used > 0 => "{$used} booked",
            $order->parts->isEmpty() => 'none planned',
            default => 'none taken yet',
        };
    }

    private function services(WorkOrder $order): string
    {
        return match (true) {
            $order->serviceBookings->isNotEmpty() => "{$order->serviceBookings->count()} booked",
            $order->services->isEmpty() => 'none planned',
            $order->services->whereNotNull('agreed_on')->isNotEmpty() => 'agreed, not booked yet',
            default => 'not agreed yet',
        };
    }

    private function all(CostSum $planned, CostSum $booked): string
    {
        if (! Rights::has(Right::SeeCosts) || ! $planned->isKnown() || $planned->cents === 0 || $booked->cents === 0) {
            return '';
        }
        $share = Rounding::divideHalfAwayFromZero(100 * $booked->cents, $planned->cents);

        return "{$share} % of what was planned";
    }
}
