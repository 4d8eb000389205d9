<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Api\Problem;
use App\Platform\Writing\StaleWrite;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use PDOException;
use Sundial\Support\SundialException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/**
 * Turns what went wrong into a sentence and a way out: back in the form where something was typed, else on a page of
 * ours.
 */
final class Failures
{
    /** Back to the form with the sentence at its field, and the cause for a form that asks differently for each. */
    private static function refused(SundialException $e): never
    {
        session()->flash('causes', [$e->field() ?? 'form' => $e->cause()]);
        throw ValidationException::withMessages([$e->field() ?? 'form' => $e->getMessage()])->redirectTo(
            url()->previous(),
        );
    }

    private static function notThere(SundialException $e, Request $request): Response
    {
        $missing = new NotFoundHttpException($e->getMessage(), $e);

        return self::page($missing, $request) ?? response()->view('errors.404', ['exception' => $missing], 404);
    }

    /** Whether what went wrong in this request was written down; an error page says so only then. */
    private static bool $writtenDown = false;

    public static function wasWrittenDown(): bool
    {
        return self::$writtenDown;
    }

    /** Writes down what nobody expected; where our own log cannot be written, in the one of PHP. */
    private static function writeDown(Throwable $e): bool
    {
        try {
            Log::error($e->getMessage(), ['exception' => $e]);
            self::$writtenDown = true;
        } catch (Throwable) {
            self::$writtenDown = error_log((string) $e);
        }

        // Nothing more is to be reported.
        return false;
    }

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->report(self::writeDown(...));
        $exceptions->dontReport([StaleWrite::class, SundialException::class]);
        $exceptions->render(
            fn (Throwable $e, Request $request) => $request->is('api/v1', 'api/v1/*') ? Problem::of($e) : null,
        );
        $exceptions->render(
            fn (StaleWrite $e, Request $request) => back()
                ->withInput()
                ->with('stale', $e->record->getAttributes())
                ->withErrors(['stale' => $e->getMessage()]),
        );
        $exceptions->render(
            // A page that is asked for what cannot be is not there; a form goes back to be corrected.
            fn (SundialException $e, Request $request) => $request->isMethod('GET')
                ? self::notThere($e, $request)
                : self::refused($e),
        );
        $exceptions->render(fn (PDOException $e) => self::isConnectionLost($e) ? self::databaseDown() : null);
        $exceptions->render(fn (PDOException $e, Request $request) => self::unwritable($e, $request));
        $exceptions->render(fn (TokenMismatchException $e, Request $request) => self::sessionLost($request));
        $exceptions->render(
            fn (HttpException $e, Request $request) => $e->getStatusCode() === 419
                ? self::sessionLost($request)
                : self::page($e, $request),
        );
        $exceptions->render(
            fn (AuthenticationException $e, Request $request) => $request->headers->has('HX-Request')
                ? ($request->isMethod('GET')
                    ? response('', 401)->header('HX-Redirect', '/login')
                    : self::sessionLost($request))
                : null,
        );
        $exceptions->respond(
            fn (Response $response, Throwable $e, Request $request) => self::plain($response, $e, $request),
        );
    }

    private static function codeOf(PDOException $e): int
    {
        return (int) ($e->errorInfo[1] ?? $e->getCode());
    }

    /** What the database could not write now, though it is there: a row held for long, a full or read-only disk. */
    private static function unwritable(PDOException $e, Request $request): ?Response
    {
        $text = match (self::codeOf($e)) {
            1205, 1213, 3572 => 'Somebody else was saving the same things for a long time, so nothing was saved. What '.
                'you typed is still here: send it again.',
            1021, 1114, 3675 => 'The disk of the server is full, so nothing was saved. What you typed is still here. '.
                'Tell your administrator, and send it again afterwards.',
            1036, 1290, 1836 => 'The database takes no changes just now, so nothing was saved. What you typed is '.
                'still here. Tell your administrator, and send it again afterwards.',
            default => null,
        };

        return match (true) {
            $text === null => null,
            $request->headers->has('HX-Request') => self::said($text, 503),
            $request->isMethod('GET') => response()->view('errors.database', ['said' => $text], 503),
            default => back()
                ->withInput($request->except(Unsaid::SECRET))
                ->withErrors(['form' => $text]),
        };
    }

    private static function isConnectionLost(PDOException $e): bool
    {
        $code = self::codeOf($e);

        return in_array($code, [2002, 2003, 2006, 2013], true) ||
            ($e instanceof QueryException &&
                $e->getPrevious() instanceof PDOException &&
                self::isConnectionLost($e->getPrevious()));
    }

    private static function databaseDown(): Response
    {
        $text =
            'The database does not answer. Nothing was saved, and what you typed is still in the form. Try again '.
            'in a minute.';

        return request()->headers->has('HX-Request')
            ? self::said($text, 503)
            : response()->view('errors.database', [], 503);
    }

    private static function sessionLost(Request $request): Response
    {
        $text =
            'Your session has ended, so nothing was saved. What you typed is still here: <a href="/login" '.
            'target="_blank">log in in another window</a>, come back, and send it again.';

        return $request->headers->has('HX-Request')
            ? self::said($text, 419, true)
            : response()->view('errors.419', [], 419);
    }

    private static function page(HttpException $e, Request $request): ?Response
    {
        if (! $request->headers->has('HX-Request')) {
            return null;
        }

        return self::said(self::own($e) ?: self::sentence($e->getStatusCode()), $e->getStatusCode());
    }

    /** The sentence that we ended a request with; empty where the framework did, whose words are for its developers. */
    public static function own(?Throwable $e): string
    {
        $framework =
            ! ($e instanceof HttpException) ||
            $e->getPrevious() !== null ||
            $e instanceof ThrottleRequestsException ||
            str_starts_with($e->getMessage(), 'The route ');

        return $framework ? '' : $e->getMessage();
    }

    /** What is left over for an htmx request gets a sentence instead of a page. */
    private static function plain(Response $response, Throwable $e, Request $request): Response
    {
        if (
            ! $request->headers->has('HX-Request') ||
            $response->getStatusCode() < 400 ||
            $response->headers->has('X-Said') ||
            $e instanceof AuthenticationException
        ) {
            return $response;
        }

        return self::said(
            $e instanceof AuthorizationException ? self::sentence(403) : self::sentence($response->getStatusCode()),
            $response->getStatusCode(),
        );
    }

    private static function sentence(int $status): string
    {
        return match ($status) {
            403 => 'Your roles do not allow this. Ask the planner or an administrator.',
            404 => 'This record is not there (any more), or is at a site that you do not belong to.',
            429 => 'That was too often in a short time. Wait a minute, then try again.',
            default => 'Something went wrong on our side; nothing was saved. '.
                (self::$writtenDown ? 'It has been written down. ' : '').
                'Try again, and tell your administrator if it stays.',
        };
    }

    private static function said(string $text, int $status, bool $html = false): Response
    {
        return response('<p class="said said-bad" role="alert">'.($html ? $text : e($text)).'</p>', $status)
            ->header('X-Said', '1')
            ->header('Cache-Control', 'no-store');
    }
}
