<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Forgets where a request says it comes from unless that is a page of ours: refused forms lead back there. */
final class OwnReferer
{
    public function handle(Request $request, Closure $next): Response
    {
        $from = (string) $request->headers->get('Referer', '');
        $here = $request->getSchemeAndHttpHost();
        if ($from !== '' && $from !== $here && ! str_starts_with($from, "{$here}/")) {
            $request->headers->remove('Referer');
        }

        return $next($request);
    }
}
