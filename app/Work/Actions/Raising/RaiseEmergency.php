<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\People\Models\User;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Stops\Actions\NameWhatMends;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\EmergencyDuties;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;

/**
 * It broke: one press raises the order, which is its approval, opens the stop, and sets the response under way in the
 * hands of whoever raised it, if they work on orders. A supervisor confirms it afterwards.
 */
final readonly class RaiseEmergency
{
    public function __construct(
        private RaiseOrder $raise,
        private OrderMoves $moves,
        private ReportDown $down,
        private NameWhatMends $name,
        private SiteDays $days,
        private Clock $clock,
        private EmergencyDuties $duties,
    ) {
    }

    public function __invoke(User $person, Asset $asset, string $what): WorkOrder
    {
        return DB::transaction(function () use ($person, $asset, $what): WorkOrder {
            $by = $person->actor();
            $today = $this->days->today($asset->site_id);
            $works = $person->may(Right::WorkOnOwnOrders, $asset->site_id);
            $order = ($this->raise)(
                $by,
                OrderInput::on($asset, $what, $what)
                    ->as(OrderType::emergency(), Priority::Emergency, $today)
                    ->for(new Assignment($asset->team_id, $works ? $person->id : null, $today)),
            );
            $this->putDuties($asset, $order);
            $order = $this->moves->make($by, $order, OrderMove::Plan, 'planned');
            $order = $this->moves->make($by, $order, OrderMove::Approve, 'approved by raising the emergency');
            if ($works) {
                $order = $this->moves->make($by, $order, OrderMove::Start, 'started', null, [
                    'started_at' => $this->moves->now(),
                ]);
            }
            $this->stop($person, $asset, $order);

            return $order;
        });
    }

    /** What else must happen stands on the order as its first steps, to be ticked by whoever did it. */
    private function putDuties(Asset $asset, WorkOrder $order): void
    {
        foreach ($this->duties->for($asset->site_id, $asset->class_id) as $i => $what) {
            DB::table('order_steps')->insert([
                'order_id' => $order->id,
                'position' => $i + 1,
                'text' => $what,
                'answer' => 'tick',
            ]);
        }
    }

    /** What stands already keeps standing. */
    private function stop(User $person, Asset $asset, WorkOrder $order): void
    {
        try {
            ($this->down)(
                $person->actor(),
                $asset,
                $this->clock->now(),
                StopSaid::because(mb_substr($order->title, 0, 120))
                    ->noting($order->label())
                    ->mendedBy($order->subject(), $order->label()),
            );
        } catch (InvalidInput $e) {
            if ($e->cause() !== 'down') {
                throw $e;
            }
            ($this->name)($asset->id, $order->subject(), $order->label());
        }
    }
}
