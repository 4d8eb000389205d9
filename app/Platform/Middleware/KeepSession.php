<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Illuminate\Session\Middleware\StartSession;

/**
 * The session, left untouched by what a page asks for behind itself (see Glance). Such a request often runs beside
 * the one that
 * saves; were it to write the session too, the sentence that says what was saved would be lost with what it read
 * before.
 */
final class KeepSession extends StartSession
{
    protected function saveSession($request): void
    {
        if (! $request->attributes->getBoolean(BackgroundRequest::class)) {
            parent::saveSession($request);
        }
    }
}
