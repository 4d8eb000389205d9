<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Stores\Actions\IssueStock;
use App\Stores\Actions\ReturnStock;
use App\Stores\Inputs\LotsTyped;
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
        try {
            return $used->thousandths < 0
                ? $this->giveBack($by, $order, $used, $used->partId)
                : $this->take($by, $order, $used, $used->partId);
        } catch (InvalidInput $e) {
            $isAsked = $e->field() === 'quantity' || ($e->field() === 'lots' && $used->lots === null);
            throw $isAsked ? $e->typedIn($used->field) : $e;
        }
    }

    private function take(Actor $by, WorkOrder $order, PartUsed $used, int $partId): ?int
    {
        $cents = null;
        $posting = Posting::by($by, MoveKind::Issue)
            ->for($order->subject(), "{$order->label()} {$order->title}")
            ->because($used->note)
            ->onto($this->asset($order, $used))
            ->lots($used->lots ?? LotsTyped::of(null));
        $named = $used->lots?->names[0] ?? null;
        $store = $named === null
            ? $used->storeId
            : $this->kept->storeOf($named, $order->site_id, $partId) ?? $used->storeId;
        $shelves = $this->kept->taking($used->thousandths, $order->subject(), $partId, $store);
        foreach ($shelves as $stockId => $many) {
            $move = ($this->issue)($stockId, $many, $posting, $used->consent);
            $cents = ($cents ?? 0) - $move->value_cents;
        }

        return $cents;
    }

    /** The one asset that it is used on; null where that is not said. */
    private function asset(WorkOrder $order, PartUsed $used): ?int
    {
        $asset = $used->rowId === null ? null : $order->rows()->whereKey($used->rowId)->value('asset_id');
        $rows = $order->rows()->whereNotNull('asset_id')->limit(2)->pluck('asset_id');
        $asset ??= $rows->count() === 1 ? $rows->first() : null;

        return $asset === null ? null : (int) $asset;
    }

    private function giveBack(Actor $by, WorkOrder $order, PartUsed $used, int $partId): ?int
    {
        $cents = null;
        $shelves = $this->kept->givingBack(-$used->thousandths, $order->subject(), $partId, $used->storeId);
        foreach ($shelves as $stockId => $many) {
            $cents = ($cents ?? 0) - ($this->return)($by, $stockId, $many, $order->subject(), $used->note);
        }

        return $cents;
    }
}
