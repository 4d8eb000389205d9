<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\Site;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Looks at the site of the record that is asked for before any right is judged: rights are held per site. A record of a
 * site that the person does not belong to changes nothing; its policy refuses it. Programs may name the site.
 */
final readonly class EnterSite
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() !== null) {
            abort_if(
                $this->site->all()->isEmpty() && ! $request->is('me', 'me/*', 'logout'),
                403,
                'Your account belongs to no site yet. An administrator can add you to one under Setup, People.',
            );
            $siteId = $this->siteOf($request);
            if ($siteId !== null && $this->site->holds($siteId)) {
                $this->site->enter($siteId);
            }
        }

        return $next($request);
    }

    private function siteOf(Request $request): ?int
    {
        foreach ($request->route()->parameters() as $parameter) {
            if ($parameter instanceof Site) {
                return $parameter->id;
            }
            $siteId = $parameter instanceof Model ? $parameter->getAttributes()['site_id'] ?? null : null;
            if ($siteId !== null) {
                return (int) $siteId;
            }
        }
        $code = $request->is('api/*') ? $request->input('site') : null;

        return is_string($code) ? $this->site->all()->firstWhere('code', $code)?->id : null;
    }
}
