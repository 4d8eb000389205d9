<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Illuminate\Http\Request;

/**
 * Which parts of a page come after its first answer, all in one request of the same address. Only where scripts run,
 * and only for somebody who comes from another page: who stays on a page, goes back to one or is told of an error gets
 * all of it at once, so that nothing moves under his hands and nothing is said too late.
 */
final readonly class Awaited
{
    /** Names, in the second request, the parts that are asked for. */
    public const HEADER = 'X-Awaited';

    /** Says that scripts run in this browser; they set it themselves. */
    public const COOKIE = 'scripts';

    /** @param  list<PagePart>  $parts */
    private function __construct(public array $parts)
    {
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /** Those that wait, of the parts that could: none where all of the page is due at once. */
    public static function of(Request $request, PagePart ...$parts): self
    {
        return self::mayWait($request) ? new self(array_values($parts)) : self::nothing();
    }

    /** The parts that this request asks for, where it is the one behind a page. */
    public static function asked(Request $request): ?self
    {
        if (! $request->headers->has(self::HEADER)) {
            return null;
        }
        $words = explode(' ', (string) $request->headers->get(self::HEADER));

        return new self(array_values(array_filter(array_map(PagePart::tryFrom(...), $words))));
    }

    public function has(PagePart $part): bool
    {
        return in_array($part, $this->parts, true);
    }

    public function hasHorizon(): bool
    {
        return $this->has(PagePart::Horizon);
    }

    /** What the second request says in its header. */
    public function header(): string
    {
        return json_encode(
            [self::HEADER => implode(' ', array_column($this->parts, 'value'))],
            JSON_THROW_ON_ERROR,
        );
    }

    private static function mayWait(Request $request): bool
    {
        if (
            ! $request->isMethod('GET') ||
            $request->query->has('whole') ||
            $request->headers->has('HX-History-Restore-Request') ||
            $request->session()->has('errors') ||
            $request->session()->has('_old_input')
        ) {
            return false;
        }
        if ($request->headers->has('HX-Request')) {
            $from = $request->headers->get('HX-Current-URL');

            return $from !== null && ! self::isHere($request, $from);
        }

        return $request->cookie(self::COOKIE) === '1' && ! self::isHere($request, $request->headers->get('Referer'));
    }

    private static function isHere(Request $request, ?string $from): bool
    {
        return $from !== null && parse_url($from, PHP_URL_PATH) === $request->getPathInfo();
    }
}
