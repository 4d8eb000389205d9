<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Platform\Sites\SiteDays;
use App\Stops\Actions\NameWhatMends;
use App\Stops\Events\MaintenanceCalled;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Orders\OrderMoves;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;

/** A call from a line becomes a small order by itself, approved by the call: whoever comes starts it. */
final readonly class RaiseOrderOfCall
{
    public function __construct(
        private RaiseOrder $raise,
        private OrderMoves $moves,
        private NameWhatMends $name,
        private SiteDays $days,
    ) {
    }

    public function __invoke(MaintenanceCalled $called): void
    {
        $call = $called->call;
        $today = $this->days->today($call->site_id);
        $order = ($this->raise)(
            $called->by,
            OrderInput::on($call->asset, "Called: {$call->words}", "{$call->called_who} called from the line.")
                ->as(OrderType::corrective(), Priority::Urgent, $today)
                ->for(new Assignment($call->asset->team_id, null, $today)),
        );
        $order = $this->moves->make($called->by, $order, OrderMove::Plan, 'planned');
        $order = $this->moves->make($called->by, $order, OrderMove::Approve, 'approved by the call');
        ($this->name)($call->asset_id, $order->subject(), $order->label(), $call->id);
    }
}
