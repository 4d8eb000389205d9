<?php

declare(strict_types=1);

namespace App\People\Inputs;

use Sundial\Access\AccountName;

/** What an administrator says of a person; what is null stays as it stands. */
final readonly class PersonInput
{
    /**
     * @param  array<int, list<string>>  $roles  by site
     * @param  list<int>  $teams
     */
    private function __construct(
        public AccountName $login,
        public string $name,
        public ?string $email,
        public ?int $tradeId,
        public ?int $weekMinutes,
        public bool $active,
        public bool $plantAdmin,
        public ?string $password,
        public array $roles,
        public array $teams,
    ) {
    }

    /**
     * @param array{login: string, name: string, email?: string|null, trade_id?: int|null, week_minutes?: int|null,
     *     active?: bool, plant_admin?: bool, password?: string|null, roles: array<int, list<string>>,
     *     teams?: list<int>} $fields
     */
    public static function of(array $fields): self
    {
        $password = $fields['password'] ?? '';

        return new self(
            AccountName::of($fields['login']),
            $fields['name'],
            $fields['email'] ?? null,
            $fields['trade_id'] ?? null,
            $fields['week_minutes'] ?? null,
            $fields['active'] ?? true,
            $fields['plant_admin'] ?? false,
            $password === '' ? null : $password,
            array_filter($fields['roles']),
            $fields['teams'] ?? [],
        );
    }

    /** @return array<string, mixed> what is kept on the person itself */
    public function facts(): array
    {
        return [
            'login' => $this->login->name,
            'name' => $this->name,
            'email' => $this->email,
            'trade_id' => $this->tradeId,
            'active' => $this->active,
            'plant_admin' => $this->plantAdmin,
        ] +
            ($this->weekMinutes === null ? [] : ['week_minutes' => $this->weekMinutes]) +
            ($this->password === null ? [] : ['password' => $this->password]);
    }
}
