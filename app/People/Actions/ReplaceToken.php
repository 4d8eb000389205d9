<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use Illuminate\Support\Facades\DB;

/** Makes a token that writes; the one of the same name before it ends. */
final readonly class ReplaceToken
{
    public function __construct(private IssueToken $issue, private RevokeToken $revoke)
    {
    }

    public function __invoke(User $person, string $name): string
    {
        return DB::transaction(function () use ($person, $name): string {
            foreach ($person->tokens()->where('name', $name)->orderBy('id')->pluck('id') as $id) {
                ($this->revoke)($person, (int) $id);
            }

            return ($this->issue)($person, $name, true);
        });
    }
}
