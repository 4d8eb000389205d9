<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Mail\MailServer;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Purchase;
use App\Stores\Queries\LeadTimes;
use App\Stores\Queries\StoreRulesOf;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Stock\PurchaseState;

/** The sheet of a purchase. */
final readonly class PurchasePage
{
    public function __construct(
        private CurrentSite $site,
        private StoreRulesOf $rules,
        private LeadTimes $leads,
        private LogQuery $log,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Purchase $purchase): array
    {
        $purchase->load(['lines.part', 'lines.receipts', 'supplier', 'store']);
        $buys = Gate::allows('buy', $purchase);
        $needs = $purchase->state === PurchaseState::Draft &&
            $this->rules->ofSite($purchase->site_id)->needsApproval($purchase->total());

        return [
            'purchase' => $purchase,
            'site' => $this->site->get(),
            'total' => $purchase->total(),
            'buys' => $buys,
            'moves' => [
                ['send', $buys && $purchase->state->isBeingWritten() && ! $needs, 'Send it'],
                ['approve', $buys && $needs, 'Approve it'],
                ['close', $buys && $purchase->state === PurchaseState::Received, 'Close it'],
            ],
            'mayReceive' => $buys && $purchase->state->isUnderWay(),
            'mayClose' => $buys && in_array(
                $purchase->state,
                [PurchaseState::PartReceived, PurchaseState::Received],
                true,
            ),
            'mayCancel' => $buys && ($purchase->state->isBeingWritten() || $purchase->state === PurchaseState::Sent),
            'mayMail' => $buys && $purchase->state->isUnderWay() && MailServer::isSet(),
            'lead' => $this->leads->ofSupplier($purchase->supplier_id),
            'seesPrices' => Rights::has(Right::SeePrices),
            'log' => $this->log->of($purchase->subject(), $this->site->get()->zone()),
        ];
    }
}
