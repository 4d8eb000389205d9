<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Stores\Inputs\SupplyInput;
use App\Stores\Models\Part;
use App\Stores\Queries\SuppliersOf;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;

/** Says on which terms a supplier has a part: their number, their price, how long they take, how many at least. */
final readonly class SetPartSupplier
{
    public function __construct(private SuppliersOf $supplies, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Part $part, Supplier $supplier, SupplyInput $said, string $currency): void
    {
        DB::transaction(function () use ($by, $part, $supplier, $said, $currency): void {
            Part::query()->lockForUpdate()->findOrFail($part->id);
            $at = ['part_id' => $part->id, 'supplier_id' => $supplier->id];
            $before = (array) DB::table('part_suppliers')->where($at)->first();
            DB::table('part_suppliers')->updateOrInsert($at, $said->facts);
            $changes = Audit::difference(array_intersect_key($before, $said->facts), $said->facts);
            $this->audit->record(
                $by,
                $part->subject(),
                "set how {$supplier->name} has {$part->number}",
                $changes + $this->price($by, $at, $said, $currency),
            );
        });
    }

    /**
     * @param  array{part_id: int, supplier_id: int}  $at
     * @return array<string, array{string|null, string}>
     */
    private function price(Actor $by, array $at, SupplyInput $said, string $currency): array
    {
        $held = $this->supplies->price($at['part_id'], $at['supplier_id'], $said->from);
        $price = $said->price?->plain();
        if ($price === null || ($held?->currency === $currency && UnitPrice::parse($held->price)->plain() === $price)) {
            return [];
        }
        DB::table('part_prices')->updateOrInsert(
            $at + ['from_on' => (string) $said->from],
            ['price' => $price, 'currency' => $currency, 'who' => $by->name],
        );

        // Prices are shown to those alone who may see them, in the log too.
        return [LogQuery::COST."price from {$said->from}" => [$held?->price, $price]];
    }
}
