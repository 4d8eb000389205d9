<?php

declare(strict_types=1);

namespace App\Platform\Api;

use App\Platform\Writing\StaleWrite;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Sundial\Support\SundialException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/**
 * What went wrong, as the API says it (RFC 9457): status, title, a sentence, and where it helps each field with its
 * reason.
 */
final class Problem
{
    public static function of(Throwable $e): JsonResponse
    {
        return match (true) {
            $e instanceof ValidationException => self::say(422, $e->getMessage(), ['errors' => $e->errors()]),
            $e instanceof SundialException => self::say(422, $e->getMessage(), [
                'cause' => $e->cause(),
                'errors' => [$e->field() ?? 'request' => [$e->getMessage()]],
            ]),
            $e instanceof StaleWrite => self::say(
                409,
                'Somebody else saved this record since you read it. Read it again, then send your change with its '.
                    'new version.',
                ['version' => (int) $e->record->getAttribute('version')],
            ),
            $e instanceof AuthenticationException => self::say(
                401,
                'Send a token of yours in the header: Authorization: Bearer …. You make one under Account, Tokens.',
                headers: ['WWW-Authenticate' => 'Bearer'],
            ),
            $e instanceof HttpExceptionInterface => self::say(
                $e->getStatusCode(),
                self::sentence($e),
                headers: $e->getHeaders(),
            ),
            default => self::say(
                500,
                'Something went wrong on our side; nothing was saved. It has been written down.',
            ),
        };
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $headers
     */
    public static function say(int $status, string $detail, array $more = [], array $headers = []): JsonResponse
    {
        return new JsonResponse(
            [
                'type' => 'about:blank',
                'title' => Response::$statusTexts[$status] ?? 'Error',
                'status' => $status,
                'detail' => $detail,
            ] + $more,
            $status,
            $headers + ['Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    private static function sentence(HttpExceptionInterface $e): string
    {
        return match ($e->getStatusCode()) {
            403 => 'The owner of this token may not do this, or the token may only read.',
            404 => 'There is no such record, or not at a site of yours.',
            405 => 'This address does not take that method.',
            429 => 'Too many requests in this minute. Wait as long as Retry-After says.',
            default => $e->getMessage() === '' ? 'This request could not be answered.' : $e->getMessage(),
        };
    }
}
