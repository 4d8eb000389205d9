<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;

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
                $row = ['order_id' => $order->id] + $line->row;
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
}
