<?php

declare(strict_types=1);

namespace App\Platform\Access;

use App\Platform\Sites\CurrentSite;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;

/**
 * Short questions about the rights of whoever is logged in, for views and controllers; each is asked once in a
 * request, and without the gate's ceremony: a page asks for some forty.
 */
final class Rights
{
    /** @var array<string, bool> */
    private array $known = [];

    public static function has(Right $right, ?int $siteId = null): bool
    {
        $person = Auth::user();

        if (! $person instanceof HoldsRights) {
            return false;
        }
        $siteId ??= app(CurrentSite::class)->idFor((int) $person->getAuthIdentifier());
        $key = "{$person->getAuthIdentifier()} {$siteId} {$right->value}";

        return app(self::class)->known[$key] ??= $person->holds($right, $siteId);
    }
}
