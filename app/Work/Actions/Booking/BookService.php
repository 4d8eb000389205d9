<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Platform\Sites\SiteDays;
use App\Work\Inputs\Invoice;
use App\Work\Models\ServiceBooking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Work\OrderState;

/**
 * Books what an outside service cost. An invoice may come after the order is closed: it changes the money, not the
 * work. What was booked wrongly is taken back by an amount below zero.
 */
final readonly class BookService
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private SiteDays $days,
        private CostShares $shares,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, Invoice $invoice): ServiceBooking
    {
        return DB::transaction(function () use ($by, $order, $invoice): ServiceBooking {
            $order = $this->moves->lock($order);
            if (! $order->state->takesInvoices()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'service_what',
                    "Services are booked once the work has begun; this order is {$order->state->value}.",
                );
            }
            $booking = ServiceBooking::query()->create([
                'order_id' => $order->id,
                'line_id' => $invoice->lineId,
                'supplier_id' => $invoice->supplierId,
                'spent_on' => $invoice->on,
                'row_id' => $invoice->rowId,
                'what' => $invoice->what,
                'cents' => $invoice->cents,
                'invoice' => $invoice->number,
                'booked_on' => (string) $this->days->today($order->site_id),
                'user_id' => $by->id,
                'who' => $by->name,
                'noted_at' => $this->moves->now(),
            ]);
            $this->shares->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                ($order->state === OrderState::Closed ? 'booked after closing' : 'booked').
                    " {$booking->what} on {$order->label()}",
                [LogQuery::COST.'amount' => [null, Money::plain($invoice->cents)]],
                $invoice->number === null ? null : "invoice {$invoice->number}",
                [$order->about()],
            );

            return $booking;
        });
    }
}
