<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use Illuminate\Support\Facades\DB;

/** Chooses light, dark, or whatever the device prefers. A matter of taste, so it is not audited. */
final class SetScheme
{
    public function __invoke(User $person, string $scheme): void
    {
        DB::transaction(static function () use ($person, $scheme): void {
            $person->scheme = $scheme;
            $person->save();
        });
    }
}
