<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use App\Platform\Api\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/**
 * Counts the requests of programs before their token is looked at, so that guessing tokens is limited too: 240 a minute
 * for a token, 600 for an address.
 */
final class LimitApi
{
    private const OF_TOKEN = 240;

    private const OF_ADDRESS = 600;

    public function handle(Request $request, Closure $next): Response
    {
        $address = 'api '.$request->ip();
        $limits = [
            $address => self::OF_ADDRESS,
            "{$address} ".hash('sha256', (string) $request->bearerToken()) => self::OF_TOKEN,
        ];
        foreach ($limits as $key => $most) {
            if (RateLimiter::hit($key) > $most) {
                return Problem::say(429, 'That was too often in a short time. Wait a minute, then try again.', [], [
                    'Retry-After' => RateLimiter::availableIn($key),
                ]);
            }
        }

        return $next($request);
    }
}
