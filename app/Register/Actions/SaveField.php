<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;

/** Adds an extra field to the register, changes or retires one. What assets hold stays. */
final readonly class SaveField
{
    private const FACTS = ['name', 'type', 'unit', 'choices', 'class_id', 'required', 'retired'];

    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Field $field, FieldInput $input, ?int $version = null): Field
    {
        return DB::transaction(function () use ($by, $field, $input, $version): Field {
            $isNew = $field === null;
            $field = $isNew ? new Field() : Versioned::lock($field, $version);
            $rule = $input->rule;
            $classId = $input->classId;
            if (
                Field::query()
                    ->where('name', $rule->name)
                    ->where('class_id', $classId)
                    ->when(! $isNew, static fn ($others) => $others->where('id', '<>', $field->id))
                    ->exists()
            ) {
                throw InvalidInput::because(
                    'taken',
                    'name',
                    "There is a field “{$rule->name}” ".
                        ($classId === null ? 'for all assets' : 'for that class').
                        ' already.',
                );
            }
            $before = $isNew ? [] : $this->facts($field);
            if (! $isNew) {
                $this->keeps($field, $rule, $classId);
            }
            $field->fill([
                'name' => $rule->name,
                'type' => $rule->type,
                'unit' => $rule->unit,
                'choices' => $rule->choices === [] ? null : $rule->choices,
                'class_id' => $classId,
                'required' => $rule->required,
                'retired' => $input->retired,
            ]);
            if (! Versioned::save($field)) {
                return $field;
            }
            $this->audit->record(
                $by,
                Subject::of('field', $field->id),
                $isNew ? "added field {$field->name}" : "changed field {$field->name}",
                $isNew ? [] : Audit::difference($before, $this->facts($field)),
            );

            return $field;
        });
    }

    private function keeps(Field $field, ExtraField $rule, ?int $classId): void
    {
        $values = DB::table('extra_values')->where('field_id', $field->id);
        $field
            ->rule()
            ->becomes(
                $rule,
                (clone $values)->count(),
                $field->type === FieldType::Choice
                    ? array_values((clone $values)->distinct()->pluck('value')->all())
                    : [],
            );
        $elsewhere =
            $classId === null || $classId === $field->class_id
                ? 0
                : (clone $values)
                    ->join('assets', 'assets.id', '=', 'extra_values.asset_id')
                    ->where('assets.class_id', '<>', $classId)
                    ->count();
        if ($elsewhere > 0) {
            throw InvalidInput::because(
                'class_used',
                'class_id',
                "{$elsewhere} assets of other classes hold a value of {$field->name}. Keep it for all, or add ".
                    'another field for that class.',
            );
        }
    }

    /** @return array<string, mixed> */
    private function facts(Field $field): array
    {
        return ['type' => $field->type->value] + $field->only(array_diff(self::FACTS, ['type']));
    }
}
