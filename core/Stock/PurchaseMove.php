<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/** What is done with a purchase, beside receiving it. */
enum PurchaseMove: string
{
    case Approve = 'approve';
    case Send = 'send';
    case Close = 'close';
    case Cancel = 'cancel';

    /** @throws InvalidInput wrong_state */
    public function apply(PurchaseState $from): PurchaseState
    {
        $to = match ($this) {
            self::Approve => $from === PurchaseState::Draft ? PurchaseState::Approved : null,
            self::Send => $from->isBeingWritten() ? PurchaseState::Sent : null,
            // What never came is given up with it.
            self::Close => $from === PurchaseState::Received || $from === PurchaseState::PartReceived
                ? PurchaseState::Closed
                : null,
            self::Cancel => $from->isBeingWritten() || $from === PurchaseState::Sent ? PurchaseState::Cancelled : null,
        };

        return $to ?? throw InvalidInput::because(
            'wrong_state',
            'form',
            "This purchase is {$from->value}; it cannot be {$this->done()} any more, or not yet.",
            $from->value,
        );
    }

    private function done(): string
    {
        return match ($this) {
            self::Approve => 'approved',
            self::Send => 'sent',
            self::Close => 'closed',
            self::Cancel => 'cancelled',
        };
    }
}
