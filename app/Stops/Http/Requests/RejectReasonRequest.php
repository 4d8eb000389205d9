<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Stops\Inputs\RejectReasonInput;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a reason for which pieces are rejected. */
final class RejectReasonRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'parent_id' => ['nullable', 'integer', 'exists:reject_reasons,id'],
            'line_id' => ['nullable', 'integer', 'exists:plant_lines,id'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['parent_id' => 'group', 'line_id' => 'line'];
    }

    public function said(): RejectReasonInput
    {
        $given = $this->validated();

        return new RejectReasonInput(
            trim($given['name']),
            isset($given['parent_id']) ? (int) $given['parent_id'] : null,
            isset($given['line_id']) ? (int) $given['line_id'] : null,
            $this->route('rejectReason') !== null && ! $this->boolean('in_use'),
        );
    }
}
