<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Puts a line on the spare-parts list of an asset, or changes the line that has its part number; a quantity of 0
 * takes it off.
 */
final readonly class SetSparePart
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        Asset $asset,
        string $number,
        string $name,
        string $quantity,
        ?string $note = null,
    ): void {
        DB::transaction(function () use ($by, $asset, $number, $name, $quantity, $note): void {
            $fitted = Quantity::parse($quantity, 'quantity');
            if ($fitted < 0) {
                throw InvalidInput::outside('quantity', $quantity, 0);
            }
            $line = DB::table('asset_parts')->where('asset_id', $asset->id)->where('number', $number);
            $before = (clone $line)->lockForUpdate()->first();
            if ($fitted === 0) {
                $line->delete();
            } else {
                DB::table('asset_parts')->upsert(
                    [
                        [
                            'asset_id' => $asset->id,
                            'number' => $number,
                            'name' => $name,
                            'quantity' => Quantity::plain($fitted),
                            'note' => $note,
                        ],
                    ],
                    ['asset_id', 'number'],
                    ['name', 'quantity', 'note'],
                );
            }
            if ($before !== null || $fitted > 0) {
                $words = static fn (int $thousandths): string => Quantity::text(
                    $thousandths,
                    $thousandths % 1000 === 0 ? 0 : 3,
                );
                $this->audit->record(
                    $by,
                    $asset->subject(),
                    ($fitted === 0 ? 'took' : ($before === null ? 'put' : 'changed')).
                        " part {$number}".
                        ($fitted === 0 ? ' off' : ($before === null ? ' on' : ' on')).
                        ' the spare-parts list',
                    [
                        'quantity' => [
                            $before === null ? null : $words(Quantity::parse($before->quantity)),
                            $fitted === 0 ? null : $words($fitted),
                        ],
                    ],
                );
            }
        });
    }
}
