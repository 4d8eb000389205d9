<?php

declare(strict_types=1);

namespace App\Work\Actions\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\OrderField;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;

/** Adds a field to orders of one type or of all; one of the same name and type that was retired comes back. */
final readonly class OfferOrderField
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ExtraField $rule, ?string $orderType): OrderField
    {
        return DB::transaction(function () use ($by, $rule, $orderType): OrderField {
            if ($rule->type === FieldType::Document) {
                throw InvalidInput::because('no_type', 'type', 'Documents hang on an order by themselves.');
            }
            $field = OrderField::query()->lockForUpdate()->firstOrNew(['name' => $rule->name]);
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
                'order_type' => $orderType,
                'position' => 1 + (int) OrderField::query()->max('position'),
                'retired' => false,
            ])->save();
            $this->audit->record($by, Subject::of('order fields', 1), "added the field “{$rule->name}” to orders");

            return $field;
        });
    }
}
