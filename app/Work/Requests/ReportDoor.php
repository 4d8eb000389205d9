<?php

declare(strict_types=1);

namespace App\Work\Requests;

use App\People\Models\User;
use App\Platform\Sites\Site;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;

/**
 * Who may report something where: whoever is logged in and sees it; or anybody who was told the code of the site, on a
 * device that remembers it. A site without a code takes reports from inside only.
 */
final readonly class ReportDoor
{
    private const MINUTES = 60 * 24 * 365;

    /** Whether a person who is logged in may report there. */
    public function isOpenTo(?User $person, Asset|Location $where): bool
    {
        return $person !== null &&
            $person->may(Right::ReportStops, $where->site_id) &&
            Gate::forUser($person)->allows('view', $where);
    }

    /** Whether this device was told the code of the site. */
    public function knows(Request $request, Site $site): bool
    {
        $told = $request->cookie(self::name($site));

        return $site->report_code !== null && is_string($told) && hash_equals(self::key($site), $told);
    }

    /** @throws InvalidInput wrong_code */
    public function tell(Site $site, string $code): void
    {
        $isRight = $site->report_code !== null &&
            hash_equals(mb_strtolower($site->report_code), mb_strtolower(trim($code)));
        if (! $isRight) {
            throw InvalidInput::because(
                'wrong_code',
                'site_code',
                'This is not the code of the site. It hangs beside the label, or ask your supervisor.',
            );
        }
        Cookie::queue(Cookie::make(self::name($site), self::key($site), self::MINUTES));
    }

    private static function name(Site $site): string
    {
        return "report_{$site->id}";
    }

    /** A new code of the site closes the door to those who know the old one. */
    private static function key(Site $site): string
    {
        return hash('sha256', "{$site->id} {$site->report_code}");
    }
}
