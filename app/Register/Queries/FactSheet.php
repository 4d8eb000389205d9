<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;

/** The extra fields that an asset is asked for, with what it holds. */
final class FactSheet
{
    /** @return list<array{field: Field, value: string|null, typed: string, document: object|null}> */
    public function of(Asset $asset): array
    {
        $values = DB::table('extra_values')->where('asset_id', $asset->id)->pluck('value', 'field_id')->all();
        $lines = [];
        foreach (Field::of($asset->class_id)->get() as $field) {
            $value = $values[$field->id] ?? null;
            $lines[] = ['field' => $field, 'value' => $value, 'typed' => $value === null ? '' : $field->rule()->typed($value), 'document' => null];
        }

        return $lines;
    }
}
