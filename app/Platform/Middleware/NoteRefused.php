<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Notes which form was refused, where what was typed into it goes back to its page: so that it alone gets it back. */
final class NoteRefused
{
    /** Where the session keeps it until the next page. */
    public const KEY = 'refused_form';

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->hasSession() && in_array('_old_input', $request->session()->get('_flash.new', []), true)) {
            $request->session()->flash(self::KEY, [
                'path' => '/'.ltrim($request->path(), '/'),
                'method' => strtolower($request->method()),
            ]);
        }

        return $response;
    }
}
