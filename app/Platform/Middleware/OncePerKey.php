<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use App\Platform\Api\Problem;
use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Illuminate\Support\Facades\DB;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write that carries an Idempotency-Key is done once: sent again within two days, it gets the answer that it got.
 *
 * The key stands in the same transaction as what was written, so that there is never one without the other; a second
 * request with the
 * key waits for the first at the unique index. What was refused wrote nothing, and may be tried again with the same
 * key.
 */
final readonly class OncePerKey
{
    private const DAYS = 2;

    public function __construct(private Clock $clock)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $name = (string) $request->headers->get('Idempotency-Key', '');
        if ($request->isMethodSafe() || $name === '') {
            return $next($request);
        }
        abort_if(strlen($name) > 120, 400, 'An Idempotency-Key has at most 120 characters.');
        abort_unless(
            preg_match('/^[\x20-\x7E]*$/D', $name) === 1,
            400,
            'An Idempotency-Key holds letters, digits and signs of ASCII.',
        );
        $print = hash('sha256', $request->method().' '.$request->fullUrl().' '.$request->getContent());
        $key = DB::table('idempotency_keys')
            ->where('user_id', $request->user()?->getAuthIdentifier())
            ->where('name', $name);
        $now = $this->clock->now();
        DB::table('idempotency_keys')
            ->where('made_at', '<', $now->modify('-'.self::DAYS.' days')->format('Y-m-d H:i:s.u'))
            ->limit(100)
            ->delete();
        DB::beginTransaction();
        try {
            DB::table('idempotency_keys')->insert([
                'user_id' => $request->user()?->getAuthIdentifier(),
                'name' => $name,
                'request' => $print,
                'made_at' => $now->format('Y-m-d H:i:s.u'),
            ]);
        } catch (UniqueConstraintViolationException) {
            DB::rollBack();

            return $this->again($key->first(), $print);
        }
        $response = $next($request);
        if ($response->getStatusCode() >= 400) {
            DB::rollBack();

            return $response;
        }
        $key->update([
            'status' => $response->getStatusCode(),
            'body' => (string) $response->getContent(),
            'location' => $response->headers->get('Location'),
        ]);
        DB::commit();

        return $response;
    }

    private function again(?stdClass $stood, string $print): Response
    {
        if ($stood === null || $stood->request !== $print) {
            return Problem::say(
                422,
                'This Idempotency-Key was used for another request. Take a new one for each write.',
            );
        }

        return new Answer(
            (string) $stood->body,
            (int) $stood->status,
            array_filter([
                'Content-Type' => 'application/json',
                'Location' => $stood->location,
                'Idempotency-Replayed' => 'true',
            ]),
        );
    }
}
