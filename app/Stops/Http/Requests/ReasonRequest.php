<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Stops\Inputs\ReasonInput;
use App\Stops\Models\StopReason;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Stops\StopKind;

/** The form of a reason for which machines stand. */
final class ReasonRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', Rule::enum(StopKind::class)],
            'parent_id' => ['nullable', 'integer', 'exists:stop_reasons,id'],
            'class_id' => ['nullable', 'integer', 'exists:equipment_classes,id'],
            'line_id' => ['nullable', 'integer', 'exists:plant_lines,id'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['parent_id' => 'group', 'class_id' => 'class', 'line_id' => 'line'];
    }

    public function said(?StopReason $reason = null): ReasonInput
    {
        $given = $this->validated();

        return new ReasonInput(
            trim($given['name']),
            StopKind::from($given['kind']),
            isset($given['parent_id']) ? (int) $given['parent_id'] : null,
            isset($given['class_id']) ? (int) $given['class_id'] : null,
            $reason !== null && ! $this->boolean('in_use'),
            isset($given['line_id']) ? (int) $given['line_id'] : null,
        );
    }
}
