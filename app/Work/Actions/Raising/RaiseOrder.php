<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Planning\Queries\HandsOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Actions\Plan\PlanFromMethod;
use App\Work\Actions\Plan\PlanFromOrder;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Orders\Numbers;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\Spans;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;

/** Raises an order by hand: a draft, planned from a method or a former order where
 * one is named, that somebody plans and approves. */
final readonly class RaiseOrder
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private PlanFromMethod $plan,
        private PlanFromOrder $planLike,
        private HandsOf $hands,
    ) {
    }

    public function __invoke(Actor $by, OrderInput $input): WorkOrder
    {
        return DB::transaction(function () use ($by, $input): WorkOrder {
            $asset = $input->asset();
            if ($asset?->life_state === LifeState::Retired) {
                throw InvalidInput::because('retired', 'asset', "{$asset->name} is retired: nothing is done on it.");
            }
            $hands = $input->method === null
                ? null
                : $this->hands->methods($input->where->site_id, $input->method->id)[$input->method->id] ?? null;
            $order = WorkOrder::query()->create([
                'site_id' => $input->where->site_id,
                'number' => Numbers::take('orders'),
                'title' => $input->title,
                'about' => $input->about,
                'type' => $input->type,
                'priority' => $input->priority,
                'state' => OrderState::Draft,
                'asset_id' => $asset?->id,
                'location_id' => $asset === null ? $input->where->id : null,
                'team_id' => $input->assignment->teamId ?? $hands->teamId ?? $asset?->team_id,
                'assignee_id' => $input->assignment->personId ?? $hands?->personId,
                'due_on' => $input->due === null ? null : (string) $input->due,
                'planned_on' => ($input->assignment?->facts() ?? [])['planned_on'] ??
                    ($input->due === null ? null : (string) $input->due),
                'from_order_id' => $input->foundOn?->order->id,
                'from_step' => $input->foundOn?->step,
                'repeats_id' => $input->repeats?->id,
                'raised_by' => $by->id,
                'raised_who' => $by->name,
                // By the clock that was handed in, so that a finish is never before its order was made.
                'created_at' => $this->moves->now(),
                'since_at' => $this->moves->now(),
            ]);
            OrderRows::add($order->id, $input->where);
            Spans::begin(OrderState::Draft, $this->moves->now(), $order->id);
            $this->audit->record(
                $by,
                $order->subject(),
                "raised {$order->label()} {$order->title}",
                [],
                $input->about,
                [$order->about(), ...$input->foundOn === null ? [] : [$input->foundOn->order->subject()]],
            );
            if ($input->method !== null) {
                ($this->plan)($by, $order, $input->method);
            }
            if ($input->former !== null) {
                ($this->planLike)($by, $order, $input->former);
            }
            $this->moves->countOpen($asset?->id);

            return $order->refresh();
        });
    }
}
