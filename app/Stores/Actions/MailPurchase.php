<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Mail\MailServer;
use App\Platform\Writing\Versioned;
use App\Stores\Jobs\SendPurchase;
use App\Stores\Models\Purchase;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Has a purchase that was sent for mailed to its supplier, with the order as PDF. */
final readonly class MailPurchase
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: no_server, wrong_state, no_address. */
    public function __invoke(Actor $by, Purchase $purchase): Purchase
    {
        return DB::transaction(function () use ($by, $purchase): Purchase {
            $purchase = Versioned::lock($purchase, null);
            $to = (string) $purchase->supplier->email;
            $refused = match (true) {
                ! MailServer::isSet() => ['no_server', 'No mail server is set on this machine. Send the PDF yourself.'],
                ! $purchase->state->isUnderWay() => ['wrong_state', "It is {$purchase->state->value}: send it first."],
                $to === '' => [
                    'no_address',
                    "{$purchase->supplier->name} has no e-mail address. Write it down under Suppliers.",
                ],
                default => null,
            };
            if ($refused !== null) {
                throw InvalidInput::because($refused[0], 'form', $refused[1]);
            }
            $purchase->fill(['mailed_to' => $to, 'mailed_at' => null])->save();
            $this->audit->record($by, $purchase->subject(), "mailed {$purchase->label()} to {$to}");
            SendPurchase::dispatch($purchase->id, $to)->afterCommit();

            return $purchase;
        });
    }
}
