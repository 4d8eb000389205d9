<?php

declare(strict_types=1);

namespace App\Platform\Access;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** Short questions about the rights of whoever is logged in, for views and controllers; each is asked once in a request. */
final class Rights
{
    /** @var array<string, bool> */
    private array $known = [];

    public static function has(Right $right): bool
    {
        return app(self::class)->known[Auth::id().' '.$right->value] ??= Gate::allows($right->value);
    }
}
