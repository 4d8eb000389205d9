<?php

declare(strict_types=1);

namespace App\Platform\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/** The forms of the fields that a plant adds to its records: what a field is, and what a record holds in them. */
final class FieldRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isMethod('post')
            ? [
                'name' => ['required', 'string', 'max:60'],
                'type' => ['required', Rule::enum(FieldType::class)],
                'unit' => ['nullable', 'string', 'max:12'],
                'choices' => ['nullable', 'string', 'max:4000'],
                'only_for' => ['nullable', 'string', 'max:60'],
            ]
            : ['extra' => ['nullable', 'array', 'max:60'], 'extra.*' => ['nullable', 'string', 'max:500']];
    }

    /** @throws InvalidInput */
    public function rule(): ExtraField
    {
        $given = $this->validated();

        return ExtraField::of(
            $given['name'],
            FieldType::from($given['type']),
            $given['unit'] ?? '',
            TextLines::of($given['choices'] ?? ''),
        );
    }

    public function onlyFor(): ?string
    {
        return $this->validated()['only_for'] ?? null;
    }

    /** @return array<int, string> by field */
    public function typedIn(): array
    {
        return array_map(static fn (?string $one): string => (string) $one, $this->validated()['extra'] ?? []);
    }
}
