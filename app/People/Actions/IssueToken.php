<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Middleware\TokenMayWrite;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Makes a token with which a machine acts for a person; what it is stands nowhere but in the answer. */
final readonly class IssueToken
{
    private const MOST = 20;

    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(User $person, string $name, bool $mayWrite): string
    {
        return DB::transaction(function () use ($person, $name, $mayWrite): string {
            User::query()->lockForUpdate()->findOrFail($person->id);
            if ($person->tokens()->count() >= self::MOST) {
                throw InvalidInput::because(
                    'too_many',
                    'name',
                    'You have '.self::MOST.' tokens. Revoke one that is no longer used first.',
                );
            }
            $token = $person->createToken($name, $mayWrite ? ['read', TokenMayWrite::WRITE] : ['read'])
                ->plainTextToken;
            $this->audit->record(
                $person->actor(),
                Subject::of('person', $person->id),
                "made the token “{$name}”, to ".($mayWrite ? 'read and write' : 'read'),
            );

            return $token;
        });
    }
}
