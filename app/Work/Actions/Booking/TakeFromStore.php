<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Stores\Actions\IssueStock;
use App\Stores\Actions\ReturnStock;
use App\Stores\Queries\WhereKept;
use App\Stores\Stock\Posting;
use App\Work\Inputs\PartUsed;
use App\Work\Models\WorkOrder;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\PartSource;

/**
 * Moves what is used on an order, or given back, out of the store or into it again. What no store of the site keeps is
 * used without one.
 */
final readonly class TakeFromStore
{
    public function __construct(private WhereKept $kept, private IssueStock $issue, private ReturnStock $return)
    {
    }

    /** @return int|null cents that it is worth, below 0 for what came back; null: not from a store */
    public function __invoke(Actor $by, WorkOrder $order, PartUsed $used): ?int
    {
        if ($used->partId === null || $used->source !== PartSource::FromStore) {
            return null;
        }
        $stock = $this->kept->for($order->subject(), $used->partId, $used->storeId);
        if ($stock === null) {
            return null;
        }
        try {
            return $this->move($by, $order, $used, $stock);
        } catch (InvalidInput $e) {
            throw $e->field() === 'quantity' ? $e->typedIn($used->field) : $e;
        }
    }

    private function move(Actor $by, WorkOrder $order, PartUsed $used, int $stock): int
    {
        if ($used->thousandths < 0) {
            return -($this->return)($by, $stock, -$used->thousandths, $order->subject(), $used->note);
        }
        $move = ($this->issue)(
            $stock,
            $used->thousandths,
            Posting::by($by, MoveKind::Issue)
                ->for($order->subject(), "{$order->label()} {$order->title}")
                ->because($used->note),
            $used->consent,
        );

        return -$move->value_cents;
    }
}
