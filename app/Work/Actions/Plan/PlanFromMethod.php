<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Planning\Queries\PlannedWork;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderWork;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/** Puts what a method says into the plan of an order, after what stands there: steps, labour, tools, precautions. */
final readonly class PlanFromMethod
{
    public function __construct(private PlanWriting $plan)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, Method $method): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $method): WorkOrder {
            $order = $this->plan->lock($order);
            $revision = $method->inForce()->with(MethodRevision::WHOLE)->first() ?? throw InvalidInput::because(
                'not_in_force',
                'method_id',
                "{$method->name} is not in force yet. Put it in force first, or choose another.",
            );
            $work = PlannedWork::whole($revision);
            $last = (int) DB::table('order_steps')->where('order_id', $order->id)->max('position');
            OrderWork::insert([[$order->id, null, $work]], $last);
            OrderWork::addPrecautions($order->id, $work);
            $order->revision_id ??= $revision->id;
            $order->tools = TextLines::merged($order->tools, $revision->tools);
            $this->plan->done($by, $order, "put {$method->name} into");

            return $order;
        });
    }
}
