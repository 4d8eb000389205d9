<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Fit;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Puts a part on the spare-parts list of an asset, or changes the line that has its number; a quantity of 0 takes it
 * off. A number that the catalogue does not know yet is added to it, with the name that was given.
 */
final readonly class SetFit
{
    public function __construct(private Audit $audit, private SavePart $save)
    {
    }

    public function __invoke(
        Actor $by,
        Asset $asset,
        string $number,
        ?string $name,
        string $quantity,
        ?string $note = null,
    ): void {
        DB::transaction(function () use ($by, $asset, $number, $name, $quantity, $note): void {
            $fitted = Quantity::parse($quantity, 'quantity');
            if ($fitted < 0) {
                throw InvalidInput::outside('quantity', $quantity, 0);
            }
            $part = Part::query()->where('number', $number)->lockForUpdate()->first();
            if ($part === null && $fitted === 0) {
                return;
            }
            $part ??= $this->added($by, $number, $name);
            $line = Fit::query()->where('asset_id', $asset->id)->where('part_id', $part->id)->first();
            $before = $line?->quantity;
            if ($line !== null && Quantity::parse((string) $before) === $fitted && $line->note === $note) {
                return;
            }
            if ($fitted === 0) {
                $line?->delete();
            } else {
                ($line ?? new Fit(['asset_id' => $asset->id, 'part_id' => $part->id]))
                    ->fill(['quantity' => Quantity::plain($fitted), 'note' => $note])
                    ->save();
            }
            if ($before === null && $fitted === 0) {
                return;
            }
            $did = match (true) {
                $fitted === 0 => "took part {$number} off",
                $before === null => "put part {$number} on",
                default => "changed part {$number} on",
            };
            $this->audit->record(
                $by,
                $asset->subject(),
                "{$did} the spare-parts list",
                [
                    'quantity' => [
                        $before === null ? null : Quantity::words(Quantity::parse($before)),
                        $fitted === 0 ? null : Quantity::words($fitted),
                    ],
                ],
                null,
                [$part->subject()],
            );
        });
    }

    private function added(Actor $by, string $number, ?string $name): Part
    {
        return trim((string) $name) === ''
            ? throw InvalidInput::because(
                'no_part',
                'part_name',
                "The catalogue does not know part {$number} yet. Say what it is, and it is added.",
            )
            : ($this->save)($by, null, PartInput::of(['number' => $number, 'name' => (string) $name]));
    }
}
