<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Access\GoodPassword;
use App\People\Inputs\PersonInput;
use App\People\Models\User;
use App\People\Queries\Administering;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Sundial\Access\AccountName;
use Sundial\Access\Role;

/** The form of a person: account, trade, week, and what they may at which site. */
final class PersonRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['login' => AccountName::of($this->string('login')->toString())->name]);
        if ($this->filled('week_hours')) {
            $this->merge(['week_hours' => str_replace(',', '.', $this->string('week_hours')->toString())]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(Administering $administering): array
    {
        $person = $this->person();
        $weak = [
            $this->string('name')->toString(),
            $this->string('login')->toString(),
            ...array_values($administering->sites($this->user()->actor())->pluck('name')->all()),
        ];

        return [
            'name' => ['required', 'string', 'max:80'],
            'login' => [
                'required',
                'string',
                'alpha_dash:ascii',
                'max:60',
                Rule::unique('users', 'login')->ignore($person?->id),
            ],
            'email' => ['nullable', 'email', 'max:120'],
            'trade_id' => ['nullable', 'integer', 'exists:trades,id'],
            'week_hours' => ['nullable', 'numeric', 'between:0,100'],
            'roles' => ['array', 'max:500'],
            'roles.*' => ['array', 'max:20'],
            'roles.*.*' => ['string', Rule::enum(Role::class)],
            'teams' => ['array', 'max:500'],
            'teams.*' => ['integer', 'exists:teams,id'],
            'plant_admin' => ['nullable', 'boolean'],
            'password' => [$person === null ? 'required' : 'nullable', new GoodPassword($weak)],
        ];
    }

    /** @return list<callable> */
    public function after(Administering $administering): array
    {
        return [function (Validator $check) use ($administering): void {
            $person = $this->person();
            $isElsewhere = $person !== null && $administering->isElsewhere($this->user()->actor(), $person);
            if (! $isElsewhere && array_filter((array) $this->input('roles', [])) === []) {
                $check->errors()->add('roles', 'Choose at least one role at a site.');
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['login.unique' => 'Somebody else has this account name. Choose another.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['login' => 'account name', 'plant_admin' => 'plant administrator'];
    }

    public function said(): PersonInput
    {
        $given = $this->validated();
        $person = $this->person();

        return PersonInput::of([
            'login' => $given['login'],
            'name' => $given['name'],
            'email' => $given['email'] ?? null,
            'trade_id' => isset($given['trade_id']) ? (int) $given['trade_id'] : null,
            'week_minutes' => isset($given['week_hours']) ? (int) round(60 * (float) $given['week_hours']) : null,
            'active' => $person === null || $this->boolean('active'),
            // Only who holds the flag can give or take it; else it stays as it is.
            'plant_admin' => Gate::allows('administer-plant')
                ? $this->boolean('plant_admin')
                : (bool) $person?->plant_admin,
            'password' => $given['password'] ?? null,
            'roles' => array_map(array_values(...), array_filter($given['roles'] ?? [])),
            'teams' => array_map(intval(...), array_values($given['teams'] ?? [])),
        ]);
    }

    private function person(): ?User
    {
        $person = $this->route('person');

        return $person instanceof User ? $person : null;
    }
}
