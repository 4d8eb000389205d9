<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Documents\TakeOverDocuments;
use App\Stores\Events\PartsMerged;
use App\Stores\Models\Claim;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Makes one part of two records of it: the one that is kept takes over what lies on the shelves with its value, what is
 * planned, bought and agreed; the other is retired and leads to it. What moved under its number stays readable there.
 */
final readonly class MergeParts
{
    public function __construct(
        private TakeOverShelf $shelf,
        private Audit $audit,
        private TakeOverDocuments $documents,
    ) {
    }

    /** Refuses: same, merged, unit, tracked, picked. */
    public function __invoke(Actor $by, Part $kept, Part $gone): Part
    {
        return DB::transaction(function () use ($by, $kept, $gone): Part {
            $held = Part::query()
                ->whereKey([$kept->id, $gone->id])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            [$kept, $gone] = [$held[$kept->id], $held[$gone->id]];
            $this->check($kept, $gone);
            $this->agreements($kept, $gone);
            foreach (Stock::query()->where('part_id', $gone->id)->orderBy('id')->get() as $row) {
                ($this->shelf)($by, $row, $kept);
            }
            DB::table('purchase_lines')->where('part_id', $gone->id)->update(['part_id' => $kept->id]);
            ($this->documents)($gone->subject(), $kept->subject());
            Part::query()->where('merged_into_id', $gone->id)->update(['merged_into_id' => $kept->id]);
            $gone->fill(['merged_into_id' => $kept->id, 'retired' => true])->save();
            event(new PartsMerged($by, $gone, $kept));
            $this->audit->record(
                $by,
                $kept->subject(),
                "merged {$gone->name} ({$gone->number}) into {$kept->name} ({$kept->number})",
                [],
                null,
                [$gone->subject()],
            );

            return $kept;
        });
    }

    private function check(Part $kept, Part $gone): void
    {
        $refused = match (true) {
            $kept->id === $gone->id => ['same', 'They are one record already. Name another number.'],
            $kept->merged_into_id !== null,
            $gone->merged_into_id !== null => ['merged', 'One of them was merged already. Open the part it leads to.'],
            $kept->unit !== $gone->unit => [
                'unit',
                "One is counted in {$kept->unit}, the other in {$gone->unit}: make the units the same first.",
            ],
            $kept->tracked !== $gone->tracked => ['tracked', 'Only one of them is followed by batch or serial number.'],
            Claim::query()
                ->whereIn('stock_id', Stock::query()->where('part_id', $gone->id)->select('id'))
                ->where('picked', '>', 0)
                ->exists() => ['picked', "Some of {$gone->number} is set aside for an order. Hand that over first."],
            default => null,
        };
        if ($refused !== null) {
            throw InvalidInput::because($refused[0], 'merged', $refused[1]);
        }
    }

    /** What is agreed with suppliers, what it fits, what does as well: what the kept one does not say itself. */
    private function agreements(Part $kept, Part $gone): void
    {
        $at = [$kept->id, $gone->id];
        DB::statement(
            'INSERT IGNORE INTO part_suppliers (part_id, supplier_id, their_number, lead_days, least) '.
                'SELECT ?, supplier_id, their_number, lead_days, least FROM part_suppliers WHERE part_id = ?',
            $at,
        );
        DB::statement(
            'INSERT IGNORE INTO part_prices (part_id, supplier_id, from_on, price, currency, who) '.
                'SELECT ?, supplier_id, from_on, price, currency, who FROM part_prices WHERE part_id = ?',
            $at,
        );
        DB::statement(
            'INSERT IGNORE INTO fits (asset_id, class_id, part_id, quantity, note) '.
                'SELECT asset_id, class_id, ?, quantity, note FROM fits WHERE part_id = ?',
            $at,
        );
        DB::table('fits')->where('part_id', $gone->id)->delete();
        foreach (['part_id', 'other_id'] as $side) {
            $far = $side === 'part_id' ? 'other_id' : 'part_id';
            DB::statement(
                "UPDATE IGNORE alternatives SET {$side} = ? WHERE {$side} = ? AND {$far} <> ?",
                [$kept->id, $gone->id, $kept->id],
            );
        }
        DB::table('alternatives')->where('part_id', $gone->id)->orWhere('other_id', $gone->id)->delete();
    }
}
