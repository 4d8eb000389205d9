<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Stores\Events\BoughtInArrived;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderPart;
use App\Work\Models\WorkOrder;
use Sundial\Support\InvalidInput;

/** Books on an order what was bought in for it and has come, at what it cost. */
final readonly class TakeBoughtIn
{
    public function __construct(private UsePart $use)
    {
    }

    public function __invoke(BoughtInArrived $arrived): void
    {
        $for = $arrived->line->for();
        if ($for === null || $for->kind !== 'order') {
            return;
        }
        $order = WorkOrder::query()->where('site_id', $for->siteId)->findOrFail($for->id);
        if (! $order->state->takesParts()) {
            throw InvalidInput::because(
                'order_over',
                'form',
                "{$order->label()} is {$order->state->value}: what was bought in for it cannot be booked on it. ".
                    'Let it go back, or have the order reopened first.',
            );
        }
        $line = OrderPart::query()->where('order_id', $order->id)->find($arrived->line->subject_line);
        $note = "{$arrived->line->purchase->label()} of {$arrived->line->purchase->supplier->name}";
        ($this->use)($arrived->by, $order, $line === null
            ? PartUsed::bought($arrived->line->name, $arrived->thousandths, $arrived->price, $note)
            : PartUsed::ofLine($line, $arrived->thousandths, $note)->costing($arrived->price));
    }
}
