<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\MethodTime;
use Sundial\Support\InvalidInput;

/** What every change of an order's plan has in common: the locked row, whether it may still be planned, its hours. */
final readonly class PlanWriting
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    /** @throws InvalidInput locked */
    public function lock(WorkOrder $order): WorkOrder
    {
        $order = $this->moves->lock($order);

        return $order->state->isOpen()
            ? $order
            : throw InvalidInput::because(
                'locked',
                'form',
                "This order is {$order->state->value}; only open orders are planned.",
            );
    }

    /** Counts its hours again, and tells what was done. */
    public function done(Actor $by, WorkOrder $order, string $did): void
    {
        $order->planned_minutes = $this->minutes($order->id);
        $order->version++;
        $order->save();
        $this->audit->record($by, $order->subject(), "{$did} the plan of {$order->label()}", [], null, [
            $order->about(),
        ]);
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
