<?php

declare(strict_types=1);

namespace App\Register\Inputs;

use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;

/** What is said of an extra field of the plant's own. */
final readonly class FieldInput
{
    private function __construct(public ExtraField $rule, public ?int $classId, public bool $retired)
    {
    }

    /**
     * @param  array{name: string, type: string, unit?: string|null, choices?: list<string>, class_id?: int|null,
     *     required?: bool, retired?: bool}  $fields
     *
     * @throws InvalidInput if no field can be made so
     */
    public static function of(array $fields): self
    {
        return new self(
            ExtraField::of(
                $fields['name'],
                FieldType::from($fields['type']),
                (string) ($fields['unit'] ?? ''),
                $fields['choices'] ?? [],
                $fields['required'] ?? false,
            ),
            $fields['class_id'] ?? null,
            $fields['retired'] ?? false,
        );
    }
}
