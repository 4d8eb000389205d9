<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Takes a token away from whatever uses it; pressed twice it is gone all the same. */
final readonly class RevokeToken
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(User $person, int $tokenId): void
    {
        DB::transaction(function () use ($person, $tokenId): void {
            $token = $person->tokens()->whereKey($tokenId)->lockForUpdate()->first();
            if ($token !== null) {
                $token->delete();
                $this->audit->record(
                    $person->actor(),
                    Subject::of('person', $person->id),
                    "revoked the token “{$token->getAttribute('name')}”",
                );
            }
        });
    }
}
