<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Changes one's own password. */
final readonly class ChangePassword
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(User $person, string $password): void
    {
        DB::transaction(function () use ($person, $password): void {
            $person->password = $password;
            $person->save();
            $this->audit->record($person->actor(), Subject::of('person', $person->id), 'changed their password');
        });
    }
}
