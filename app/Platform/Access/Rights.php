<?php

declare(strict_types=1);

namespace App\Platform\Access;

use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;

/** Short questions about the rights of whoever is logged in, for views and controllers; each is asked once in a request, and without the gate's ceremony: a page asks for some forty. */
final class Rights
{
    /** @var array<string, bool> */
    private array $known = [];

    public static function has(Right $right): bool
    {
        $person = Auth::user();

        return $person instanceof HoldsRights && (app(self::class)->known[$person->getAuthIdentifier().' '.$right->value] ??= $person->holds($right));
    }
}
