<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stores\Inputs\StockInput;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\DB;
use Sundial\Support\Quantity;

/** Says where a part lies in a store, and when it is bought again. */
final readonly class SetStock
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Stock $stock, StockInput $said, ?int $version = null): Stock
    {
        return DB::transaction(function () use ($by, $stock, $said, $version): Stock {
            $stock = Versioned::lock($stock, $version);
            $before = $this->facts($stock);
            $plain = static fn (?int $many): ?string => $many === null ? null : Quantity::plain($many);
            $stock->fill([
                'bin' => $said->bin,
                'reorder_point' => $plain($said->point),
                'order_quantity' => $plain($said->quantity),
                'most' => $plain($said->most),
            ]);
            if (! Versioned::save($stock)) {
                return $stock;
            }
            $this->audit->record(
                $by,
                $stock->part->subject(),
                "set how {$stock->part->name} is kept in {$stock->store->name}",
                Audit::difference($before, $this->facts($stock)),
            );

            return $stock;
        });
    }

    /** @return array<string, mixed> */
    private function facts(Stock $stock): array
    {
        return [
            'bin' => $stock->bin,
            'reorder point' => $stock->reorder_point,
            'bought at a time' => $stock->order_quantity,
            'most' => $stock->most,
        ];
    }
}
