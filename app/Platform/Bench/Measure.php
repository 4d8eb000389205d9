<?php

declare(strict_types=1);

namespace App\Platform\Bench;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Only in the bench's own instance: says in a header how many statements a page took, and its peak memory. */
final class Measure
{
    public function handle(Request $request, Closure $next): Response
    {
        $statements = 0;
        DB::listen(static function () use (&$statements): void {
            $statements++;
        });
        $response = $next($request);
        $response->headers->set('X-Statements', (string) $statements);
        $response->headers->set('X-Peak', (string) memory_get_peak_usage());

        return $response;
    }
}
