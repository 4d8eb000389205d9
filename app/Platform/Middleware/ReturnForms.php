<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use App\Platform\Frame\ReturnedForm;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Symfony\Component\HttpFoundation\Response;

/** Gives refused forms back as they were typed on pages that stand outside the frame: reports, tablets, the floor. */
final class ReturnForms
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $view = $response instanceof Answer ? $response->getOriginalContent() : null;
        if ($view instanceof View && $request->hasSession() && $request->session()->has(NoteRefused::KEY)) {
            $response->setContent(ReturnedForm::in(static fn (): string => $view->render(), $request));
        }

        return $response;
    }
}
