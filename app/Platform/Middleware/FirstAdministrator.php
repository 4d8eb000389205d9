<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Sends the very first visitor of an empty Sundial to the page that makes the first administrator. */
final class FirstAdministrator
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() === null && ! $request->is('first', 'up') && ! Cache::get('has-people')) {
            if (! DB::table('users')->exists()) {
                return redirect('/first');
            }
            Cache::forever('has-people', true);
        }

        return $next($request);
    }
}
