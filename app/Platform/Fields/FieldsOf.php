<?php

declare(strict_types=1);

namespace App\Platform\Fields;

use App\Platform\Access\Rights;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Register\FieldType;

/** The fields that the plant added to records of a kind, and what a record holds in them. */
final readonly class FieldsOf
{
    /** @return Collection<int, RecordField> those that are asked for; money for those alone who see costs */
    public function all(string $kind): Collection
    {
        return RecordField::query()
            ->where('kind', $kind)
            ->where('retired', false)
            ->when(! Rights::has(Right::SeeCosts), static fn ($some) => $some->where('type', '<>', FieldType::Money))
            ->orderBy('position')
            ->orderBy('id')
            ->get();
    }

    /** @return Collection<int, RecordField> those of one sort of them */
    public function of(string $kind, ?string $sort): Collection
    {
        return $this->all($kind)->filter(
            static fn (RecordField $one): bool => in_array($one->only_for, [null, $sort], true),
        );
    }

    /**
     * What a record holds in those of one sort, as it is typed, so that a form can tell whether it still stands.
     *
     * @return array<string, string> by the name of the field; empty where it holds nothing
     */
    public function typed(string $kind, int $id, ?string $sort): array
    {
        $held = $this->values($kind, $id);
        $typed = [];
        foreach ($this->of($kind, $sort) as $field) {
            $typed[$field->name] = isset($held[$field->id]) ? $field->rule()->typed($held[$field->id]) : '';
        }

        return $typed;
    }

    /** @return array<int, string> plain values by field */
    public function values(string $kind, int $id): array
    {
        return DB::table('record_values as v')
            ->join('record_fields as f', 'f.id', '=', 'v.field_id')
            ->where('f.kind', $kind)
            ->where('v.subject_id', $id)
            ->pluck('v.value', 'v.field_id')
            ->map(static fn (mixed $one): string => (string) $one)
            ->all();
    }
}
