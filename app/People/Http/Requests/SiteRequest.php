<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Inputs\SiteInput;
use App\Platform\Sites\Site;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The form of a site. */
final class SiteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $site = $this->route('site');
        $id = $site instanceof Site ? $site->id : null;

        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('sites')->ignore($id)],
            'code' => ['required', 'alpha_dash:ascii', 'max:12', Rule::unique('sites')->ignore($id)],
            'timezone' => ['required', 'timezone'],
            'currency' => ['required', 'regex:/^[A-Z]{3}$/'],
            'rest' => ['array', 'max:6'],
            'rest.*' => ['integer', 'between:1,7'],
            'release_hour' => ['required', 'integer', 'between:0,23'],
            'report_code' => ['nullable', 'string', 'min:4', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rest.max' => 'At least one weekday has to be worked.',
            'currency.regex' => 'The currency is written as three capital letters, such as EUR.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['rest' => 'weekly rest', 'report_code' => 'code for reports'];
    }

    public function said(): SiteInput
    {
        $given = $this->validated();

        return SiteInput::of([
            'code' => $given['code'],
            'name' => $given['name'],
            'timezone' => $given['timezone'],
            'currency' => $given['currency'],
            'rest_weekdays' => implode(',', $given['rest'] ?? []),
            'release_hour' => (int) $given['release_hour'],
            'report_code' => $given['report_code'] ?? null,
        ]);
    }
}
