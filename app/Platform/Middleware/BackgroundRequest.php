<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Marks what a page asks for behind itself while it is worked on: previews, offers, progress. */
final class BackgroundRequest
{
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set(
            self::class,
            $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-Boosted'),
        );

        return $next($request);
    }
}
