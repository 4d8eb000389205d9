<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Part;

/**
 * The part of the catalogue that a field names: by its number alone, or as the list offers it, the number and then
 * the name. Numbers may hold spaces: the longest that fits is meant.
 */
final readonly class PartAsTyped
{
    public function __invoke(string $typed): ?Part
    {
        $part = Part::query()
            ->whereRaw("left(?, char_length(number) + 1) in (number, concat(number, ' '))", [trim($typed)])
            ->orderByRaw('char_length(number) desc')
            ->first();

        return $part?->merged_into_id === null ? $part : Part::query()->find($part->merged_into_id);
    }
}
