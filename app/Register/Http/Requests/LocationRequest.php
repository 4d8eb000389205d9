<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Register\Inputs\LocationInput;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a place. */
final class LocationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'tag' => ['required', 'string', 'max:40', 'regex:/^\S+$/'],
            'name' => ['required', 'string', 'max:100'],
            'stands' => ['nullable', 'string', 'max:40'],
            'operators' => ['array'],
            'operators.*' => [OnSite::person($site->id())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tag.regex' => 'A tag is written without spaces, such as WEAVE.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['stands' => 'place', 'operators.*' => 'person'];
    }

    public function said(): LocationInput
    {
        $given = $this->validated();

        return LocationInput::of([
            'tag' => $given['tag'],
            'name' => $given['name'],
            'stands' => $given['stands'] ?? null,
            'operators' => array_map(intval(...), array_values($given['operators'] ?? [])),
        ]);
    }
}
