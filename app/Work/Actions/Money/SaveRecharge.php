<?php

declare(strict_types=1);

namespace App\Work\Actions\Money;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Platform\Writing\Versioned;
use App\Work\Inputs\RechargeInput;
use App\Work\Models\OrderRecharge;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\RechargeOf;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Work\OrderState;

/** Says who is asked to pay for an order, and how much of it. Once it is invoiced it stays. */
final readonly class SaveRecharge
{
    public function __construct(private OrderMoves $moves, private RechargeOf $recharge, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, RechargeInput $input, ?int $version): OrderRecharge
    {
        return DB::transaction(function () use ($by, $order, $input, $version): OrderRecharge {
            $order = $this->moves->lock($order);
            if ($order->state === OrderState::Cancelled) {
                throw InvalidInput::because('cancelled', 'customer', 'A cancelled order is not recharged.');
            }
            $standing = OrderRecharge::query()->find($order->id);
            if ($standing?->invoice !== null) {
                $says = "It was invoiced as {$standing->invoice} and stays as it is.";
                throw InvalidInput::because('invoiced', 'form', $says);
            }
            $now = $standing === null
                ? new OrderRecharge(['order_id' => $order->id])
                : Versioned::lock($standing, $version);
            $now->fill([
                'customer' => $input->customer,
                'customer_order' => $input->customerOrder,
                'discount_cents' => $input->discount,
                'set_cents' => $input->set,
                'set_reason' => $input->reason,
                'invoice' => $input->invoice,
                'references' => $input->references,
                'who' => $by->name,
            ]);
            // Refused by the rule before anything stands.
            $total = $this->recharge->computed($order, $now)->total;
            $now->save();
            $this->audit->record(
                $by,
                $order->subject(),
                $input->invoice === null
                    ? "recharges {$order->label()} to {$input->customer}"
                    : "invoiced {$order->label()} to {$input->customer} as {$input->invoice}",
                [LogQuery::COST.'total' => [null, Money::plain($total)]],
                $input->reason,
                [$order->about()],
            );

            return $now;
        });
    }
}
