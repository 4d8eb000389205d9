<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Changes one's own password, which ends every other session and every token. */
final readonly class ChangePassword
{
    public function __construct(private Audit $audit, private EndSessions $endSessions)
    {
    }

    /** @param  string  $session  the one that goes on */
    public function __invoke(User $person, string $password, string $session): void
    {
        DB::transaction(function () use ($person, $password, $session): void {
            $person->password = $password;
            $person->save();
            $this->audit->record($person->actor(), Subject::of('person', $person->id), 'changed their password');
            ($this->endSessions)($person->actor(), $person, $session, 'The password was changed.');
        });
    }
}
