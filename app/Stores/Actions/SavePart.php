<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Platform\Writing\Versioned;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Adds a part to the catalogue, or changes what stands there of it. */
final readonly class SavePart
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Part $part, PartInput $said, ?int $version = null): Part
    {
        return DB::transaction(function () use ($by, $part, $said, $version): Part {
            $isNew = $part === null;
            $part = $isNew ? new Part() : Versioned::lock($part, $version);
            $number = $said->facts['number'] ?? $part->number;
            if (Part::query()->where('number', $number)->whereKeyNot($part->id ?? 0)->exists()) {
                throw ValidationException::withMessages([
                    'number' => "There is a part {$number} already. Choose another number, or open that one.",
                ]);
            }
            $before = $isNew ? [] : $this->facts($part);
            $part->fill($said->facts);
            if (! Versioned::save($part)) {
                return $part;
            }
            if (! $isNew && $part->wasChanged('class')) {
                DB::table('stock')->where('part_id', $part->id)->update(['class' => $part->class]);
            }
            $this->audit->record(
                $by,
                $part->refresh()->subject(),
                ($isNew ? 'added' : 'changed')." part {$part->number} {$part->name}",
                $isNew ? [] : Audit::difference($before, $this->facts($part)),
            );

            return $part;
        });
    }

    /** @return array<string, mixed> */
    private function facts(Part $part): array
    {
        $facts = $part->only(array_diff(PartInput::FACTS, ['price', 'currency', 'supplier_id']));
        // Prices are shown to those alone who may see them, in the log too.
        $facts[LogQuery::COST.'price'] = $part->price === null ? null : "{$part->price} {$part->currency}";
        $facts['supplier'] = DB::table('suppliers')->where('id', $part->supplier_id)->value('name');

        return $facts;
    }
}
