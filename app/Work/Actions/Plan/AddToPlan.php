<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Platform\Audit\Actor;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Puts lines into the plan of an order: steps, labour, parts, services. */
final readonly class AddToPlan
{
    public function __construct(private PlanWriting $plan)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, PlanLine ...$lines): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $lines): WorkOrder {
            $order = $this->plan->lock($order);
            $last = (int) DB::table('order_steps')->where('order_id', $order->id)->max('position');
            foreach ($lines as $line) {
                $row = ['order_id' => $order->id] + $line->row + $this->tie($order, $line);
                if ($line->table === 'order_steps') {
                    $row['position'] = ++$last;
                }
                DB::table($line->table)->insert($row);
            }
            $what = count($lines) === 1 ? $lines[array_key_first($lines)]->words : count($lines).' lines';
            $this->plan->done($by, $order, "put {$what} into");

            return $order;
        });
    }

    /**
     * @return array<string, int> the step that a line is for
     *
     * @throws InvalidInput no_step
     */
    private function tie(WorkOrder $order, PlanLine $line): array
    {
        if ($line->step === null) {
            return [];
        }
        $step = DB::table('order_steps')->where('order_id', $order->id)->where('position', $line->step)->value('id');

        return $step === null
            ? throw InvalidInput::because(
                'no_step',
                'for_step',
                "The plan has no step {$line->step}. Leave the field empty, or give the number of a step.",
                $line->step,
            )
            : ['step_id' => (int) $step];
    }
}
