<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Logs a person out everywhere, but for one session if that is wanted: open sessions, devices that stay logged in, and
 * tokens of programs.
 */
final readonly class EndSessions
{
    public function __construct(private Audit $audit)
    {
    }

    /** @param  string|null  $but  the session that goes on */
    public function __invoke(Actor $by, User $person, ?string $but, string $because): void
    {
        DB::transaction(function () use ($by, $person, $but, $because): void {
            DB::table('sessions')->where('user_id', $person->id)->where('id', '<>', $but ?? '')->delete();
            $person->tokens()->delete();
            $person->setRememberToken(Str::random(60));
            DB::table('users')->where('id', $person->id)->update(['remember_token' => $person->getRememberToken()]);
            $this->audit->record(
                $by,
                Subject::of('person', $person->id),
                "logged {$person->name} out everywhere",
                [],
                $because,
            );
        });
    }
}
