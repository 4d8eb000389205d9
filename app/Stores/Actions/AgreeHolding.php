<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stores\Inputs\Holding;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Spares;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Sets the reorder point of a part to what was reckoned, and keeps with what it was. */
final readonly class AgreeHolding
{
    public function __construct(private Audit $audit)
    {
    }

    /** @throws InvalidInput as the reckoning */
    public function __invoke(Actor $by, Stock $stock, Holding $said): Stock
    {
        $s = Spares::against($said->failures(), $said->service())->s;

        return DB::transaction(function () use ($by, $stock, $said, $s): Stock {
            $stock = Stock::query()->lockForUpdate()->findOrFail($stock->id);
            $before = $stock->reorder_point;
            $most = $stock->most === null ? null : Quantity::parse($stock->most);
            $stock->fill([
                'reorder_point' => Quantity::plain($s * 1000),
                'most' => $most !== null && $most < $s * 1000 ? null : $stock->most,
                'holding' => json_encode($said->said, JSON_THROW_ON_ERROR),
                'version' => $stock->version + 1,
            ])->save();
            $this->audit->record(
                $by,
                $stock->part->subject(),
                "set the reorder point of {$stock->part->name} in {$stock->store->name} as reckoned",
                ['reorder point' => [$before, $stock->reorder_point]],
                "{$said->text('service')} % within {$said->exposure()->length} days",
            );

            return $stock;
        });
    }
}
