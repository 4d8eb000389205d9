<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Access\GoodPassword;
use App\People\Inputs\FirstAdministrator;
use App\People\Inputs\SiteInput;
use App\Platform\Writing\Typed;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a new plant: its first site and first administrator. */
final class FirstAdministratorRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $weak = array_map(
            fn (string $field): string => Typed::word($this, $field),
            ['site', 'name', 'login'],
        );

        return [
            'site' => ['required', 'string', 'max:80'],
            'code' => ['required', 'alpha_dash:ascii', 'max:12'],
            'timezone' => ['required', 'timezone'],
            'currency' => ['required', 'regex:/^[A-Z]{3}$/'],
            'name' => ['required', 'string', 'max:80'],
            'login' => ['required', 'string', 'alpha_dash:ascii', 'max:60'],
            'password' => ['required', 'confirmed', new GoodPassword($weak)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['currency.regex' => 'The currency is written as three capital letters, such as EUR.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['site' => 'site name', 'login' => 'account name'];
    }

    public function said(): FirstAdministrator
    {
        $given = $this->validated();

        return new FirstAdministrator(
            SiteInput::of([
                'code' => $given['code'],
                'name' => $given['site'],
                'timezone' => $given['timezone'],
                'currency' => $given['currency'],
                'rest_weekdays' => '6,7',
                'release_hour' => 4,
            ]),
            $given['login'],
            $given['name'],
            $given['password'],
        );
    }
}
