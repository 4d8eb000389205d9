<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The form of a line on the spare-parts list of an asset. */
final class FitRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'part_number' => ['required', 'string', 'max:60'],
            'part_name' => ['nullable', 'string', 'max:120'],
            'quantity' => ['required', 'string', 'max:20'],
            'part_note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['part_number' => 'part number', 'part_name' => 'name', 'part_note' => 'note'];
    }
}
