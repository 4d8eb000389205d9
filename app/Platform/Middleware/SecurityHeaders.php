<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser to run and load nothing but what we ship. */
final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => $response->headers->get('Content-Security-Policy') ??
                "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src ".
                    "'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);

        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if ($this->isList($response)) {
            $response->headers->set('Cache-Control', 'no-store');
        }

        return $response;
    }

    /** What goes out as data is of one moment and for one person: no cache keeps it. */
    private function isList(Response $response): bool
    {
        return preg_match(
            '#^(text/csv|application/json|text/calendar)#',
            (string) $response->headers->get('Content-Type'),
        ) === 1;
    }
}
