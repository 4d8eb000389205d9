<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Stores\Inputs\SupplyInput;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;

/** Says on which terms a supplier has a part: their number, their price, how long they take, how many at least. */
final readonly class SetPartSupplier
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Part $part, Supplier $supplier, SupplyInput $said): void
    {
        DB::transaction(function () use ($by, $part, $supplier, $said): void {
            Part::query()->lockForUpdate()->findOrFail($part->id);
            $at = ['part_id' => $part->id, 'supplier_id' => $supplier->id];
            $before = (array) DB::table('part_suppliers')->where($at)->first();
            DB::table('part_suppliers')->updateOrInsert($at, $said->facts);
            $changes = Audit::difference(array_intersect_key($before, $said->facts), $said->facts);
            // Prices are shown to those alone who may see them, in the log too.
            if (isset($changes['price'])) {
                $changes[LogQuery::COST.'price'] = $changes['price'];
                unset($changes['price']);
            }
            $this->audit->record($by, $part->subject(), "set how {$supplier->name} has {$part->number}", $changes);
        });
    }
}
