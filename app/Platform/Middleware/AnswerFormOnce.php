<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\FormToken;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that was done and is sent again gets the answer that it got: pressed twice, or once more because the first
 * answer never came, it must not be told that somebody has changed the record meanwhile, or that it is there already.
 *
 * It stands before records are looked up, as what was taken away the first time is not found the second time. What was
 * refused may be sent again. What makes something new stands in the same transaction as its token besides
 * (FirstAnswer); here the answer is kept after the work, which a second time refuses or changes nothing.
 */
final readonly class AnswerFormOnce
{
    /** Seconds that a second press waits for the first. */
    private const WAITS = 10;

    /** What an address may have in once_tokens. */
    private const LONGEST = 250;

    public function __construct(private FirstAnswer $answers)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $token = $this->isForm($request) ? FormToken::of($request) : null;
        if ($token === null) {
            return $next($request);
        }
        DB::selectOne('SELECT GET_LOCK(?, ?)', [$token, self::WAITS]);
        try {
            $first = $this->answers->given($token);

            return $first === null ? $this->note($token, $request, $next($request)) : $this->again($request, ...$first);
        } finally {
            DB::selectOne('SELECT RELEASE_LOCK(?)', [$token]);
        }
    }

    /** A form of somebody who is signed in that leads to another page; what a script asks for a part of one is none. */
    private function isForm(Request $request): bool
    {
        return ! $request->isMethodSafe()
            && $request->user() !== null
            && ($request->headers->get('HX-Request') === null || $request->headers->get('HX-Boosted') !== null);
    }

    private function again(Request $request, string $location, ?string $said): RedirectResponse
    {
        $session = $request->session();
        if ($session instanceof Store && $session->get('said') === $said) {
            // Its page was not opened yet, and has more to say: how to undo it, or a secret that is shown once.
            $session->reflash();
        }

        return redirect()->to($location)->with('said', $said);
    }

    private function note(string $token, Request $request, Response $response): Response
    {
        if ($response instanceof RedirectResponse && ! $this->isRefused($request)) {
            $location = Str::after($response->getTargetUrl(), $request->getSchemeAndHttpHost());
            $said = $request->session()->get('said');
            if (strlen($location) <= self::LONGEST) {
                $this->answers->keep($token, $location, is_string($said) ? $said : null);
            }
        }

        return $response;
    }

    private function isRefused(Request $request): bool
    {
        $flashed = (array) $request->session()->get('_flash.new', []);

        return in_array('errors', $flashed, true) || in_array('_old_input', $flashed, true);
    }
}
