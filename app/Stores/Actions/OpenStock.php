<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/** Says what lies there when a store begins to be kept: the first line of its ledger, and only that. */
final readonly class OpenStock
{
    public function __construct(private ReceiveStock $receive)
    {
    }

    /** Refuses: moved: it is kept already, and is counted from now on. */
    public function __invoke(Stock $stock, int $thousandths, UnitPrice $price, Posting $posting): ?Movement
    {
        if ($thousandths === 0) {
            return null;
        }

        return DB::transaction(function () use ($stock, $thousandths, $price, $posting): Movement {
            Stock::query()->lockForUpdate()->findOrFail($stock->id);
            if (Movement::query()->where('stock_id', $stock->id)->exists()) {
                throw InvalidInput::because(
                    'moved',
                    'on_hand',
                    'Something moved there already. Count it, rather than to say what lies there.',
                );
            }

            return ($this->receive)(
                $stock->id,
                $thousandths,
                $price,
                $posting->because('what lay there')->lots(LotsTyped::unknown()),
            );
        });
    }
}
