<?php

declare(strict_types=1);

namespace App\Work\Actions\Warranty;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Work\Models\WarrantyClaim;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Sundial\Work\Warranty\ClaimState;

/** Claims the warranty of an asset for what an order mended: of whom, for what, and where the parts are kept. */
final readonly class ClaimWarranty
{
    public function __construct(private OrderMoves $moves, private SiteDays $days, private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        WorkOrder $order,
        int $assetId,
        string $what,
        ?string $kept,
        ?string $reference,
    ): WarrantyClaim {
        return DB::transaction(function () use ($by, $order, $assetId, $what, $kept, $reference): WarrantyClaim {
            $order = $this->moves->lock($order);
            $on = in_array($assetId, OrderRows::assets($order->id), true);
            if ($order->state === OrderState::Cancelled || ! $on) {
                $says = 'Choose an asset on which this order is worked.';
                throw InvalidInput::because('no_claim', 'claim_asset', $says);
            }
            $asset = Asset::query()->where('site_id', $order->site_id)->findOrFail($assetId);
            $claim = WarrantyClaim::query()->create([
                'order_id' => $order->id,
                'site_id' => $order->site_id,
                'asset_id' => $asset->id,
                'supplier_id' => $asset->supplier_id,
                'what' => $what,
                'kept' => $kept,
                'reference' => $reference,
                'state' => ClaimState::Claimed,
                'claimed_on' => (string) $this->days->today($order->site_id),
                'who' => $by->name,
            ]);
            $this->audit->record(
                $by,
                $order->subject(),
                "claimed the warranty of {$asset->tag}, {$claim->label()}",
                [],
                $what,
                [$asset->subject()],
            );

            return $claim;
        });
    }
}
