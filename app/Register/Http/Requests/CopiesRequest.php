<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;
use Sundial\Register\Numbering;

/** The form that makes more assets like one. */
final class CopiesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'copies' => ['required', 'array', 'min:1', 'max:'.Numbering::MOST],
            'copies.*.tag' => ['required', 'string', 'max:40', 'regex:/^\S+$/', 'distinct'],
            'copies.*.name' => ['required', 'string', 'max:100'],
            'start_on' => ['nullable', 'required_with:schedules', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'copies.*.tag.regex' => 'A tag is written without spaces.',
            'copies.*.tag.distinct' => 'This tag stands here twice.',
            'start_on.required_with' => 'Say when its schedules start.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['copies.*.tag' => 'tag', 'copies.*.name' => 'name', 'start_on' => 'start'];
    }

    /** @return non-empty-list<array{tag: string, name: string}> */
    public function copies(): array
    {
        /** @var non-empty-list<array{tag: string, name: string}> $copies */
        $copies = array_values($this->validated()['copies']);

        return $copies;
    }

    /** The first day of the copies' schedules; null: they get none. */
    public function start(): ?LocalDate
    {
        return $this->boolean('schedules') ? LocalDate::parse($this->validated()['start_on'], 'start_on') : null;
    }
}
