<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\LineKind;

/** Takes a line off the plan of an order. What was worked or comes from a visit stays. */
final readonly class TakeOffPlan
{
    private const TABLES = [
        'step' => 'order_steps',
        'labour' => 'order_labour',
        'part' => 'order_parts',
        'service' => 'order_services',
    ];

    public function __construct(private PlanWriting $plan)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, LineKind $kind, int $id): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $kind, $id): WorkOrder {
            $order = $this->plan->lock($order);
            $lines = DB::table(self::TABLES[$kind->value])->where('order_id', $order->id)->where('id', $id);
            $line = (clone $lines)->first();
            if ($line === null) {
                return $order;
            }
            if (($line->visit_id ?? null) !== null) {
                throw InvalidInput::because(
                    'of_a_visit',
                    'form',
                    'This line comes with a visit of a schedule. Leave the visit out, or change its method.',
                );
            }
            if (($line->ticked_at ?? null) !== null) {
                throw InvalidInput::because('begun', 'form', 'This step is ticked already. Take the tick back first.');
            }
            if (($line->agreed_on ?? null) !== null) {
                throw InvalidInput::because(
                    'agreed',
                    'form',
                    'This service is agreed with whoever does it. Take the agreement back first.',
                );
            }
            $lines->delete();
            if ($kind === LineKind::Step) {
                DB::table('order_steps')
                    ->where('order_id', $order->id)
                    ->where('position', '>', $line->position)
                    ->orderBy('position')
                    ->decrement('position');
            }
            $this->plan->done($by, $order, "took {$this->said($kind)} off");

            return $order;
        });
    }

    private function said(LineKind $kind): string
    {
        return $kind === LineKind::Labour ? 'labour' : "a {$kind->value}";
    }
}
