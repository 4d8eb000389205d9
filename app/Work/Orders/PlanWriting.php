<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\OrderPrecaution;
use App\Work\Models\WorkOrder;
use App\Work\Projections\ClaimsOfOrder;
use App\Work\Queries\OrderCosts;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\MethodTime;
use Sundial\Support\InvalidInput;
use Sundial\Work\Rules\ApprovedPlan;
use Sundial\Work\Rules\Growth;

/** What every change of an order's plan has in common: the locked row, whether it may still be planned, its hours. */
final readonly class PlanWriting
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private OrderCosts $costs,
        private SiteDays $days,
        private ClaimsOfOrder $claims,
    ) {
    }

    /** @throws InvalidInput locked */
    public function lock(WorkOrder $order): WorkOrder
    {
        $order = $this->moves->lock($order);
        if (! $order->state->isOpen()) {
            throw InvalidInput::because(
                'locked',
                'form',
                "This order is {$order->state->value}; only open orders are planned.",
            );
        }
        // What stands before the first change after the approval is what was approved. An emergency was approved
        // before anything was planned.
        if ($order->state->isApproved() && ! $order->type->isEmergency()) {
            $order->approved_plan ??= $this->plan($order)->toKeep();
        }

        return $order;
    }

    /** Counts its hours again, and tells what was done. */
    public function done(Actor $by, WorkOrder $order, string $did): void
    {
        $order->planned_minutes = $this->minutes($order->id);
        $order->grown = $order->approved_plan === null
            ? null
            : Growth::between(ApprovedPlan::kept($order->approved_plan), $this->plan($order));
        $order->version++;
        $order->save();
        if ($order->state->isApproved()) {
            $this->claims->keep($order);
        }
        $this->audit->record($by, $order->subject(), "{$did} the plan of {$order->label()}", [], null, [
            $order->about(),
        ]);
    }

    private function plan(WorkOrder $order): ApprovedPlan
    {
        $order->load(['labour', 'parts', 'services', 'precautions']);

        return ApprovedPlan::of(
            $order->planned_minutes,
            $this->costs->planned($order, $this->days->today($order->site_id))->total()->cents,
            array_values($order->precautions->map(static fn (OrderPrecaution $one): string => $one->text)->all()),
        );
    }

    /** Each visit's own work, and what was planned by hand: labour where there is some, else the steps. */
    private function minutes(int $order): int
    {
        $of = static fn (string $table, array $columns): array => DB::table($table)
            ->where('order_id', $order)
            ->get(['visit_id', ...$columns])
            ->groupBy(static fn (object $row): string => (string) $row->visit_id)
            ->all();
        $steps = $of('order_steps', ['minutes']);
        $labour = $of('order_labour', ['trade_id', 'people', 'minutes']);
        $sum = 0;
        foreach (array_unique([...array_keys($steps), ...array_keys($labour)]) as $visit) {
            $sum += MethodTime::of(
                array_values(
                    ($steps[$visit] ?? collect())->map(static fn (object $step): int => (int) $step->minutes)->all(),
                ),
                array_values(
                    ($labour[$visit] ?? collect())
                        ->map(static fn (object $line): array => [
                            (int) $line->trade_id,
                            (int) $line->people,
                            (int) $line->minutes,
                        ])
                        ->all(),
                ),
            )->work;
        }

        return $sum;
    }
}
