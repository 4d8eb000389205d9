<?php

declare(strict_types=1);

namespace App\Stores\Jobs;

use App\Platform\Sites\CurrentSite;
use App\Stores\Actions\NoteMailed;
use App\Stores\Mail\PurchaseByMail;
use App\Stores\Models\Purchase;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\Mail;

/** Mails a purchase to its supplier behind the page; tried again while the server does not answer. */
final class SendPurchase implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 5;

    public int $backoff = 120;

    public function __construct(public readonly int $purchaseId, public readonly string $to)
    {
    }

    public function handle(CurrentSite $site, NoteMailed $note): void
    {
        $purchase = Purchase::query()->with(['lines.part', 'supplier', 'store'])->findOrFail($this->purchaseId);
        $site->enter($purchase->site_id);
        Mail::to($this->to)->send(new PurchaseByMail($purchase, $site->get()));
        $note($purchase);
    }
}
