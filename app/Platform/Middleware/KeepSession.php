<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Session\Middleware\StartSession;

/**
 * The session, left untouched by what a page asks for behind itself. Such a request often runs beside the one that
 * saves; were it to write the session too, the sentence that says what was saved would be lost with what it read
 * before; and were it to send cookies, it would bring back a session that was ended meanwhile.
 */
final class KeepSession extends StartSession
{
    public function handle($request, Closure $next): mixed
    {
        $response = parent::handle($request, $next);
        if ($request->attributes->getBoolean(BackgroundRequest::class)) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }

    protected function saveSession($request): void
    {
        if (! $request->attributes->getBoolean(BackgroundRequest::class)) {
            parent::saveSession($request);
        }
    }
}
