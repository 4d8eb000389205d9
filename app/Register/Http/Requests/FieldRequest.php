<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Register\Inputs\FieldInput;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Register\FieldType;

/** The form of an extra field. */
final class FieldRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'type' => ['required', Rule::enum(FieldType::class)],
            'unit' => ['nullable', 'string', 'max:12'],
            'choices' => ['nullable', 'string', 'max:4000'],
            'class_id' => ['nullable', 'exists:equipment_classes,id'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['class_id' => 'class'];
    }

    public function said(): FieldInput
    {
        $given = $this->validated();

        return FieldInput::of([
            'name' => $given['name'],
            'type' => $given['type'],
            'unit' => $given['unit'] ?? null,
            'choices' => preg_split('/\R/', (string) ($given['choices'] ?? '')) ?: [],
            'class_id' => isset($given['class_id']) ? (int) $given['class_id'] : null,
            'required' => $this->boolean('required'),
            'retired' => $this->route('field') !== null && $this->boolean('retired'),
        ]);
    }
}
