<?php

declare(strict_types=1);

namespace App\Platform\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;

/** Adds a field to records of a kind, of one sort or all; one of the same name and type that was retired comes back. */
final readonly class OfferField
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, string $kind, ExtraField $rule, ?string $onlyFor): RecordField
    {
        return DB::transaction(function () use ($by, $kind, $rule, $onlyFor): RecordField {
            if ($rule->type === FieldType::Document) {
                throw InvalidInput::because('no_type', 'type', "Documents hang on every {$kind} by themselves.");
            }
            $field = RecordField::query()->lockForUpdate()->firstOrNew(['kind' => $kind, 'name' => $rule->name]);
            if ($field->exists && (! $field->retired || $field->type !== $rule->type)) {
                throw InvalidInput::because(
                    'there_already',
                    'name',
                    "There is a field “{$rule->name}” already. Choose another name.",
                    $rule->name,
                );
            }
            $field->fill([
                'type' => $rule->type,
                'unit' => $rule->unit,
                'choices' => $rule->choices,
                'only_for' => $onlyFor,
                'position' => 1 + (int) RecordField::query()->where('kind', $kind)->max('position'),
                'retired' => false,
            ])->save();
            $this->audit->record(
                $by,
                Subject::of("{$kind} fields", 1),
                "added the field “{$rule->name}” to {$kind}s",
            );

            return $field;
        });
    }
}
