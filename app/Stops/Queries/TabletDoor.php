<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\SiteDays;
use App\Stops\Models\LineTablet;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Symfony\Component\HttpFoundation\Cookie as Sent;

/** Which tablet asks: by the secret that it keeps, until that is revoked. */
final readonly class TabletDoor
{
    private const COOKIE = 'line_tablet';

    private const MINUTES = 60 * 24 * 730;

    public function __construct(private CurrentSite $site, private SiteDays $days)
    {
    }

    /** The tablet of a secret; null: there is none any more. */
    public function of(string $secret): ?LineTablet
    {
        return LineTablet::query()
            ->with(['line.asset', 'line.parts'])
            ->where('secret', LineTablet::hashed($secret))
            ->whereNull('revoked_at')
            ->first();
    }

    /** The tablet that asks, its site shown. */
    public function asking(Request $request): ?LineTablet
    {
        $secret = $request->cookie(self::COOKIE);
        $tablet = is_string($secret) ? $this->of($secret) : null;
        if ($tablet !== null) {
            $this->site->show($this->days->site($tablet->site_id));
        }

        return $tablet;
    }

    /** What the tablet keeps; pages of elsewhere cannot send it. */
    public function cookie(string $secret): Sent
    {
        return Cookie::make(self::COOKIE, $secret, self::MINUTES, null, null, null, true, false, 'strict');
    }
}
