<?php

declare(strict_types=1);

namespace App\Work\Middleware;

use App\Work\Models\WorkOrder;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** Lets a change of an order's state through for those who may make it. */
final class MayMoveOrder
{
    public function handle(Request $request, Closure $next, string $move): Response
    {
        /** @var WorkOrder $order */
        $order = $request->route('order');
        Gate::authorize('move', [$order, $move]);

        return $next($request);
    }
}
