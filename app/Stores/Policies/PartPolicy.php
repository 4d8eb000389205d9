<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use Sundial\Access\Right;

/** Who sees a part and who changes it; the catalogue is the plant's, not a site's. */
final readonly class PartPolicy
{
    public function view(User $person): bool
    {
        return $person->holds(Right::SeePlant);
    }

    public function update(User $person): bool
    {
        return $person->holds(Right::WriteParts);
    }
}
