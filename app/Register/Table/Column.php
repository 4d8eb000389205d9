<?php

declare(strict_types=1);

namespace App\Register\Table;

use App\Register\Models\Field;
use Sundial\Register\FieldType;
use Sundial\Support\Money;

/** A column of the table of assets: a fact of the register or an extra field. */
final readonly class Column
{
    /** @param  string  $from  where its value stands, as the database says it */
    public function __construct(
        public string $key,
        public string $label,
        public string $from,
        public string $kind = 'text',
        public bool $costs = false,
        public ?Field $field = null,
    ) {
    }

    public static function extra(Field $field): self
    {
        $kind = match ($field->type) {
            FieldType::Number, FieldType::Money, FieldType::Date, FieldType::YesNo => $field->type->value,
            default => 'text',
        };

        return new self(
            "x{$field->id}",
            $field->label(),
            "x{$field->id}.value",
            $kind,
            $field->type === FieldType::Money,
            $field,
        );
    }

    /** A cell as people read it. */
    public function text(mixed $value): string
    {
        if ($value === null || $value === '') {
            return '';
        }
        if ($this->field !== null) {
            return $this->field->rule()->typed((string) $value);
        }

        return match ($this->kind) {
            'nearness' => [0 => 'late', 1 => 'due', 2 => 'near', 3 => 'in hand', 4 => 'clear'][(int) $value] ?? '',
            'money' => Money::plain((int) $value),
            default => (string) $value,
        };
    }

    public function isNumber(): bool
    {
        return in_array($this->kind, ['number', 'money', 'count'], true);
    }

    /** By what it is sorted: extra fields that have a size by that. */
    public function sortedBy(): string
    {
        return $this->field !== null && $this->field->type->isOrdered() ? "x{$this->field->id}.size" : $this->from;
    }
}
