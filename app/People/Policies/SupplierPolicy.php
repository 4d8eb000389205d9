<?php

declare(strict_types=1);

namespace App\People\Policies;

use App\People\Models\Supplier;
use App\People\Models\User;
use Sundial\Access\Right;

/** Who sees and who changes what is kept about a supplier: suppliers are of the plant, whoever writes at a site may. */
final class SupplierPolicy
{
    public function view(User $person, Supplier $supplier): bool
    {
        return $person->sitesWith(Right::SeePlant) !== [];
    }

    public function update(User $person, Supplier $supplier): bool
    {
        return $person->sitesWith(Right::WriteRegister) !== [];
    }
}
