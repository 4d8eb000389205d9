<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Stores\Models\Purchase;
use App\Stores\Projections\OnOrder;
use App\Stores\Queries\StoreRulesOf;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\PurchaseMove;
use Sundial\Stock\PurchaseState;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

/** Approves a purchase, sends it, closes or cancels it. */
final readonly class MovePurchase
{
    public function __construct(
        private Audit $audit,
        private SiteDays $days,
        private StoreRulesOf $rules,
        private OnOrder $onOrder,
    ) {
    }

    /** Refuses: wrong_state, needs_approval, separated, no_reason. */
    public function __invoke(
        Actor $by,
        Purchase $purchase,
        PurchaseMove $move,
        ?string $reason = null,
        ?int $version = null,
    ): Purchase {
        return DB::transaction(function () use ($by, $purchase, $move, $reason, $version): Purchase {
            $purchase = Versioned::lock($purchase, $version)->load('lines');
            $from = $purchase->state;
            $purchase->state = $move->apply($from);
            $this->check($by, $purchase, $from, $move, $reason);
            $today = (string) $this->days->today($purchase->site_id);
            $purchase->fill(match ($move) {
                PurchaseMove::Approve => ['approved_by' => $by->id, 'approved_who' => $by->name],
                PurchaseMove::Send => ['sent_on' => $today],
                PurchaseMove::Close, PurchaseMove::Cancel => ['over_on' => $today, 'over_reason' => $reason],
            })->save();
            $this->onOrder->keep($purchase);
            $this->audit->record(
                $by,
                $purchase->subject(),
                "{$this->did($move)} {$purchase->label()}",
                ['state' => [$from->value, $purchase->state->value]],
                $reason,
            );

            return $purchase;
        });
    }

    private function check(
        Actor $by,
        Purchase $purchase,
        PurchaseState $from,
        PurchaseMove $move,
        ?string $reason,
    ): void {
        $rules = $this->rules->ofSite($purchase->site_id);
        $isSentAsWritten = $move === PurchaseMove::Send && $from === PurchaseState::Draft;
        if ($isSentAsWritten && $rules->needsApproval($purchase->total())) {
            throw InvalidInput::because(
                'needs_approval',
                'form',
                'Purchases above '.Money::plain($rules->approveCents)." {$purchase->currency} are approved before ".
                    'they are sent.',
            );
        }
        if ($move === PurchaseMove::Approve) {
            $rules->checkTwo($purchase->raised_by, $by->id, 'form', 'Somebody else approves what you wrote.');
        }
        if ($move === PurchaseMove::Cancel && trim((string) $reason) === '') {
            throw InvalidInput::because('no_reason', 'reason', 'Say why it is cancelled.');
        }
    }

    private function did(PurchaseMove $move): string
    {
        return match ($move) {
            PurchaseMove::Approve => 'approved',
            PurchaseMove::Send => 'sent',
            PurchaseMove::Close => 'closed',
            PurchaseMove::Cancel => 'cancelled',
        };
    }
}
