<?php

declare(strict_types=1);

namespace App\Platform\Access;

use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** Short questions about the rights of whoever is logged in, for views and controllers. */
final class Rights
{
    public static function has(Right $right): bool
    {
        return Gate::allows($right->value);
    }
}
