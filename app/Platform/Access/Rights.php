<?php

declare(strict_types=1);

namespace App\Platform\Access;

use App\Platform\Sites\CurrentSite;
use Closure;
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
        return self::asker($siteId)($right);
    }

    /**
     * For who asks for many: the person and the site are found once.
     *
     * @return Closure(Right): bool
     */
    public static function asker(?int $siteId = null): Closure
    {
        $person = Auth::user();
        if (! $person instanceof HoldsRights) {
            return static fn (Right $right): bool => false;
        }
        $id = (int) $person->getAuthIdentifier();
        $siteId ??= app(CurrentSite::class)->idFor($id);
        $rights = app(self::class);

        return static fn (Right $right): bool => $rights->known["{$id} {$siteId} {$right->value}"] ??= $person->holds(
            $right,
            $siteId,
        );
    }
}
