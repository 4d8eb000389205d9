<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\LogQuery;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;
use Sundial\Register\FieldType;

/** Writes the values of an asset's extra fields, and says what changed. The caller writes it down. */
final readonly class FillExtraFields
{
    /**
     * @param  array<int, string|null>  $typed  by field; fields that are not named stay as they are
     * @param  bool  $all  whether every field that is needed has to be there
     * @return array<string, array{string|null, string|null}> old and new as people read them, by the field's name
     */
    public function __invoke(Asset $asset, array $typed, bool $all = true): array
    {
        return DB::transaction(function () use ($asset, $typed, $all): array {
            $standing = DB::table('extra_values')->where('asset_id', $asset->id)->pluck('value', 'field_id')->all();
            $changes = [];
            foreach (Field::of($asset->class_id)->get() as $field) {
                // A new asset has no documents yet, so none can be asked for.
                $asked =
                    $all &&
                    $field->required &&
                    ! isset($standing[$field->id]) &&
                    ! ($asset->wasRecentlyCreated && $field->type === FieldType::Document);
                if (! array_key_exists($field->id, $typed) && ! $asked) {
                    continue;
                }
                $rule = $field->rule();
                $value = $rule->read((string) ($typed[$field->id] ?? ''), "extra.{$field->id}");
                $old = $standing[$field->id] ?? null;
                if ($value === $old) {
                    continue;
                }
                $changes[($field->type === FieldType::Money ? LogQuery::COST : '').$field->name] = [
                    $old === null ? null : $rule->typed($old),
                    $value === null ? null : $rule->typed($value),
                ];
                $value === null
                    ? DB::table('extra_values')
                        ->where('asset_id', $asset->id)
                        ->where('field_id', $field->id)
                        ->delete()
                    : DB::table('extra_values')->upsert(
                        [
                            [
                                'asset_id' => $asset->id,
                                'field_id' => $field->id,
                                'value' => $value,
                                'size' => $rule->size($value),
                            ],
                        ],
                        ['asset_id', 'field_id'],
                        ['value', 'size'],
                    );
            }

            return $changes;
        });
    }
}
