<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Documents\Document;
use App\Platform\Documents\DocumentsOf;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Sundial\Register\FieldType;

/** The extra fields that an asset is asked for, with what it holds. */
final class FactSheet
{
    /** @return list<array{field: Field, value: string|null, typed: string, document: Document|null}> */
    public function of(Asset $asset): array
    {
        $documents = app(DocumentsOf::class)->subject($asset->subject())->keyBy('id');
        $lines = [];
        /** @var Collection<int, Field> $fields */
        $fields = Field::shown($asset->class_id)
            ->leftJoin(
                'extra_values as v',
                static fn (JoinClause $join) => $join
                    ->on('v.field_id', '=', 'extra_fields.id')
                    ->where('v.asset_id', $asset->id),
            )
            ->get(['extra_fields.*', 'v.value']);
        foreach ($fields as $field) {
            $value = $field->getAttribute('value');
            $lines[] = [
                'field' => $field,
                'value' => $value,
                'typed' => $value === null ? '' : $field->rule()->typed($value),
                'document' => $field->type === FieldType::Document && $value !== null
                    ? $documents->get((int) $value)
                    : null,
            ];
        }

        return $lines;
    }
}
