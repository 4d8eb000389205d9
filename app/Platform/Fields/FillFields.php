<?php

declare(strict_types=1);

namespace App\Platform\Fields;

use App\Platform\Subject;
use App\Platform\Writing\Seen;
use Illuminate\Support\Facades\DB;

/** Fills in what the plant added to a record; a field that is left empty holds nothing. */
final readonly class FillFields
{
    public function __construct(private FieldsOf $fields)
    {
    }

    /**
     * @param  array<int, string>  $typed  by field; those that are not named stay as they are
     * @return array<string, array{string|null, string|null}> what changed, by the name of the field
     */
    public function __invoke(Subject $record, ?string $sort, array $typed, Seen $seen): array
    {
        return DB::transaction(function () use ($record, $sort, $typed, $seen): array {
            $fields = $this->fields->of($record->kind, $sort);
            $seen->check($this->fields->typed($record->kind, $record->id, $sort), $fields->mapWithKeys(
                static fn (RecordField $field): array => [$field->name => $typed[$field->id] ?? ''],
            )->all());
            $held = $this->fields->values($record->kind, $record->id);
            $changes = [];
            foreach ($fields as $field) {
                if (! array_key_exists($field->id, $typed)) {
                    continue;
                }
                $plain = $field->rule()->read($typed[$field->id], "extra.{$field->id}");
                if ($plain === ($held[$field->id] ?? null)) {
                    continue;
                }
                $key = ['subject_id' => $record->id, 'field_id' => $field->id];
                $plain === null
                    ? DB::table('record_values')->where($key)->delete()
                    : DB::table('record_values')->upsert([$key + ['value' => $plain]], array_keys($key), ['value']);
                $changes[$field->name] = [
                    isset($held[$field->id]) ? $field->rule()->typed($held[$field->id]) : null,
                    $plain === null ? null : $field->rule()->typed($plain),
                ];
            }

            return $changes;
        });
    }
}
