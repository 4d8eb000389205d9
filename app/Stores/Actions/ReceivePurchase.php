<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Stores\Events\BoughtInArrived;
use App\Stores\Inputs\Delivered;
use App\Stores\Models\Movement;
use App\Stores\Models\Purchase;
use App\Stores\Models\PurchaseLine;
use App\Stores\Models\PurchaseReceipt;
use App\Stores\Projections\OnOrder;
use App\Stores\Queries\StoreRulesOf;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockHold;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\MoveKind;
use Sundial\Stock\PurchaseState;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Takes in what came of a purchase, in part or whole, or more than was ordered: onto its shelf, or to its order. What
 * is wrong or damaged goes back and is still to come.
 */
final readonly class ReceivePurchase
{
    public function __construct(
        private ReceiveStock $receive,
        private OnOrder $onOrder,
        private StoreRulesOf $rules,
        private SiteDays $days,
        private Clock $clock,
        private Audit $audit,
    ) {
    }

    /** Refuses: wrong_state, separated, nothing, no_price. */
    public function __invoke(Actor $by, Purchase $purchase, Delivered ...$delivered): Purchase
    {
        return DB::transaction(function () use ($by, $purchase, $delivered): Purchase {
            $purchase = Versioned::lock($purchase, null);
            if (! $purchase->state->isUnderWay()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'form',
                    "This purchase is {$purchase->state->value}; only what was sent for is received.",
                );
            }
            $this->rules->ofSite($purchase->site_id)->checkTwo(
                $purchase->raised_by,
                $by->id,
                'form',
                'Somebody else receives what you ordered.',
            );
            $came = array_filter($delivered, static fn (Delivered $one): bool => $one->kept + $one->sentBack > 0);
            if ($came === []) {
                throw InvalidInput::because('nothing', 'form', 'Say how many of at least one line came.');
            }
            StockHold::withAll($purchase->lines()->whereNotNull('stock_id')->pluck('stock_id'));
            foreach ($came as $one) {
                $this->take($by, $purchase, $purchase->lines()->findOrFail($one->lineId), $one);
            }
            $purchase->load('lines');
            $purchase->state = $purchase->lines->sum(static fn (PurchaseLine $line): int => $line->left()) === 0
                ? PurchaseState::Received
                : PurchaseState::PartReceived;
            $purchase->save();
            $this->onOrder->keep($purchase);
            $this->audit->record($by, $purchase->subject(), "received of {$purchase->label()}", [
                'lines' => [null, count($came)],
            ]);

            return $purchase;
        });
    }

    private function take(Actor $by, Purchase $purchase, PurchaseLine $line, Delivered $came): void
    {
        $agreed = $line->price === null ? null : UnitPrice::parse($line->price);
        $price = $came->price ?? $agreed ?? throw InvalidInput::because(
            'no_price',
            "price.{$line->id}",
            "Say what one of {$line->name} cost; no price was agreed.",
        );
        if ($came->sentBack > 0) {
            $this->note($by, $line, $came->sentBack, 'sent back', $price, 0, $came->note);
        }
        if ($came->kept === 0) {
            return;
        }
        $move = $line->stock_id === null ? null : ($this->receive)(
            $line->stock_id,
            $came->kept,
            $price,
            Posting::by($by, MoveKind::Receipt)
                ->for($purchase->subject(), "{$purchase->label()} {$purchase->supplier->name}")
                ->because($came->note)
                ->lots($came->lots),
        );
        $line->received = Quantity::plain(Quantity::parse($line->received) + $came->kept);
        $line->save();
        $variance = $agreed === null ? 0 : $price->times($came->kept) - $agreed->times($came->kept);
        $this->note($by, $line, $came->kept, 'kept', $price, $variance, $came->note, $move);
        if ($move === null) {
            Event::dispatch(new BoughtInArrived($by, $line, $came->kept, $price));
        }
    }

    private function note(
        Actor $by,
        PurchaseLine $line,
        int $thousandths,
        string $outcome,
        UnitPrice $price,
        int $variance,
        ?string $note,
        ?Movement $move = null,
    ): void {
        PurchaseReceipt::query()->create([
            'site_id' => $line->site_id,
            'purchase_id' => $line->purchase_id,
            'line_id' => $line->id,
            'quantity' => Quantity::plain($thousandths),
            'outcome' => $outcome,
            'price' => $price->plain(),
            'variance_cents' => $variance,
            'note' => $note,
            'move_id' => $move?->id,
            'received_on' => (string) $this->days->today($line->site_id),
            'user_id' => $by->id,
            'who' => $by->name,
            'noted_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);
    }
}
