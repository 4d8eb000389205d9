<?php

declare(strict_types=1);

namespace App\Work\Actions\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Fields\FillFields;
use App\Platform\Writing\Seen;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Fills in what the plant added to its orders, until the order is locked. */
final readonly class FillOrderFields
{
    public function __construct(private OrderMoves $moves, private FillFields $fill, private Audit $audit)
    {
    }

    /** @param  array<int, string>  $typed  by field; those that are not named stay as they are */
    public function __invoke(Actor $by, WorkOrder $order, array $typed, Seen $seen): void
    {
        DB::transaction(function () use ($by, $order, $typed, $seen): void {
            $order = $this->moves->lock($order);
            if ($order->state->isLocked()) {
                $says = "{$order->label()} is {$order->state->value} and is not changed any more.";
                throw InvalidInput::because('locked', 'extra', $says);
            }
            $changes = ($this->fill)($order->subject(), $order->type->name, $typed, $seen);
            if ($changes !== []) {
                $this->audit->record(
                    $by,
                    $order->subject(),
                    "filled in {$order->label()}",
                    $changes,
                    null,
                    [$order->about()],
                );
            }
        });
    }
}
