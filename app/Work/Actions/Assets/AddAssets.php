<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Register\Models\Asset;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\PlanWriting;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;

/** Puts more assets on an order; one that stands there already stays as it is. */
final readonly class AddAssets
{
    private const MOST = 200;

    public function __construct(private PlanWriting $plan, private CostShares $shares, private OrderMoves $moves)
    {
    }

    /** Refused: none, too many, one that is retired, and an order on a place. */
    public function __invoke(Actor $by, WorkOrder $order, Asset ...$assets): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $assets): WorkOrder {
            $order = $this->plan->lock($order);
            self::check($order, $assets);
            OrderRows::add($order->id, ...$assets);
            $tags = implode(', ', array_map(static fn (Asset $one): string => $one->tag, $assets));
            $this->plan->done($by, $order, "put {$tags} into");
            $this->shares->keep($order);
            $this->moves->countOpen(...OrderRows::assets($order->id));

            return $order;
        });
    }

    /** @param  array<Asset>  $assets */
    private static function check(WorkOrder $order, array $assets): void
    {
        if ($order->asset_id === null) {
            throw InvalidInput::because('on_a_place', 'assets', 'This order is on a place and not on assets.');
        }
        if ($assets === []) {
            throw InvalidInput::because('none', 'assets', 'Name at least one asset.');
        }
        if (count($assets) + $order->rows()->count() > self::MOST) {
            throw InvalidInput::because('too_many', 'assets', 'At most '.self::MOST.' assets stand on one order.');
        }
        foreach ($assets as $asset) {
            if ($asset->life_state === LifeState::Retired) {
                throw InvalidInput::because('retired', 'assets', "{$asset->tag} is retired: nothing is done on it.");
            }
        }
    }
}
