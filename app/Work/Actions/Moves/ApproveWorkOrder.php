<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\OrderCosts;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Role;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;
use Sundial\Work\Rules\RaisedBy;

/** Approves an order: it may be worked; or approves again what its plan grew to since. */
final readonly class ApproveWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private WorkRulesOf $rules,
        private OrderCosts $costs,
        private SiteDays $days,
        private Audit $audit,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);
            $this->check($by, $order);
            if ($order->grown !== null) {
                return $this->again($by, $order);
            }
            // Whoever approves a draft says that it is planned as it stands.
            if ($order->state === OrderState::Draft) {
                $order = $this->moves->make($by, $order, OrderMove::Plan, 'planned');
            }

            return $this->moves->make($by, $order, OrderMove::Approve, 'approved');
        });
    }

    /** What it grew to is what is approved from now on. */
    private function again(Actor $by, WorkOrder $order): WorkOrder
    {
        $grown = $order->grown;
        $order->fill(['approved_plan' => null, 'grown' => null, 'version' => $order->version + 1])->save();
        $this->audit->record(
            $by,
            $order->subject(),
            "approved {$order->label()} again, grown by its {$grown?->value}",
            [],
            null,
            [$order->about()],
        );

        return $order;
    }

    /** The rules of the site bind people; what Sundial approves by itself was approved with the schedule. */
    private function check(Actor $by, WorkOrder $order): void
    {
        $person = $by->id === null ? null : User::query()->find($by->id);
        if ($person === null) {
            return;
        }
        $order->load(['labour', 'parts', 'services']);
        $this->rules->ofSite($order->site_id)->checkApproval(
            array_values(array_filter(
                $person->roles($order->site_id),
                static fn (Role $role): bool => in_array($role, OrderMove::Approve->roles(), true),
            )),
            $this->costs->planned($order, $this->days->today($order->site_id))->total(),
            $order->raised_by === $person->id ? RaisedBy::Oneself : RaisedBy::Another,
        );
    }
}
