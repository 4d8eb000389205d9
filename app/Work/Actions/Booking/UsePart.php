<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderPart;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\ClaimsOfOrder;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Books a part that was used on an order; a quantity below zero is one that was given back. */
final readonly class UsePart
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private SiteDays $days,
        private CostShares $shares,
        private TakeFromStore $store,
        private ClaimsOfOrder $claims,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, PartUsed $used): PartUse
    {
        return DB::transaction(function () use ($by, $order, $used): PartUse {
            $order = $this->moves->lock($order);
            if (! $order->state->takesParts()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'part',
                    'Parts are booked from the approval on and until the order is closed; this one is '.
                        "{$order->state->value}.",
                );
            }
            $ofUnknownCost = $this->checkReturn($order, $used);
            $fromStore = ($this->store)($by, $order, $used);
            $use = PartUse::query()->create([
                'order_id' => $order->id,
                'line_id' => $used->lineId,
                'part_id' => $used->partId,
                'name' => $used->name,
                'unit' => $used->unit,
                'quantity' => Quantity::plain($used->thousandths),
                'value_cents' => $fromStore
                    ?? ($ofUnknownCost ? null : $used->price?->times($used->thousandths)),
                'used_on' => (string) $this->days->today($order->site_id),
                'note' => $used->note,
                'spent_on' => $used->on,
                'row_id' => $used->rowId ?? $this->rowOf($order, $used),
                'user_id' => $by->id,
                'who' => $by->name,
                'noted_at' => $this->moves->now(),
            ]);
            $this->shares->keep($order);
            $this->claims->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                ($used->thousandths < 0 ? 'gave back' : 'used')." {$used->words()} on {$order->label()}",
                [],
                $used->note,
                [$order->about()],
            );

            return $use;
        });
    }

    /** What is planned for one asset alone is used on it. */
    private function rowOf(WorkOrder $order, PartUsed $used): ?int
    {
        $asset = $used->lineId === null ? null : OrderPart::query()->whereKey($used->lineId)->value('asset_id');
        $row = $asset === null ? null : $order->rows()->where('asset_id', $asset)->value('id');

        return $row === null ? null : (int) $row;
    }

    /** What is given back was taken before. Whether what it cost was not known then: it is not now, either. */
    private function checkReturn(WorkOrder $order, PartUsed $used): bool
    {
        if ($used->thousandths > 0) {
            return false;
        }
        $uses = PartUse::query()
            ->where('order_id', $order->id)
            ->where('part_id', $used->partId)
            ->where('name', $used->name)
            ->get();
        $sum = static fn (PartUse $one): int => Quantity::parse($one->quantity);
        $taken = $uses->sum($sum);
        if ($taken + $used->thousandths < 0) {
            throw InvalidInput::because(
                'too_many',
                $used->field,
                'More is given back than was used on this order.',
                $used->thousandths,
            );
        }

        return $uses->whereNull('value_cents')->sum($sum) > 0;
    }
}
