<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A token that was made for reading writes nothing, whatever its owner may. */
final class TokenMayWrite
{
    public const WRITE = 'write';

    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        $mayWrite = is_object($person) && method_exists($person, 'tokenCan') && $person->tokenCan(self::WRITE);
        abort_unless($request->isMethodSafe() || $mayWrite, 403);

        return $next($request);
    }
}
