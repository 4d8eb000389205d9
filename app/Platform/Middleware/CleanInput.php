<?php

declare(strict_types=1);

namespace App\Platform\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses text that cannot be kept: bytes that are no UTF-8, and control characters other than tabs and line breaks.
 * What a search or a filter holds of them is left out instead.
 */
final class CleanInput
{
    private const CONTROLS = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var array<string, mixed> $asked */
        $asked = $this->cleaned($request->query->all());
        $request->query->replace($asked);
        if (! $request->isMethod('GET')) {
            $sent = $request->isJson() ? $request->json()->all() : $request->request->all();
            $bad = $this->bad($sent);
            if ($bad !== null) {
                $request->request->remove(explode('.', $bad)[0]);
                throw ValidationException::withMessages([
                    $bad => 'This holds characters that are no text (“'.
                        str_replace('_', ' ', $bad).
                        '”). Type it again, or paste it without formatting.',
                ]);
            }
        }

        return $next($request);
    }

    private function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && preg_match(self::CONTROLS, $text) !== 1;
    }

    /**
     * @param  array<int|string, mixed>  $given
     * @return array<int|string, mixed>
     */
    private function cleaned(array $given): array
    {
        $clean = [];
        foreach ($given as $key => $value) {
            if (is_string($key) && ! $this->isText($key)) {
                continue;
            }
            $clean[$key] = match (true) {
                is_array($value) => $this->cleaned($value),
                is_string($value) => (string) preg_replace(self::CONTROLS, '', mb_scrub($value, 'UTF-8')),
                default => $value,
            };
        }

        return $clean;
    }

    /** @param  array<int|string, mixed>  $given */
    private function bad(array $given, string $before = ''): ?string
    {
        foreach ($given as $key => $value) {
            if (! $this->isText((string) $key)) {
                return $before === '' ? 'form' : rtrim($before, '.');
            }
            $at = "{$before}{$key}";
            $found = is_array($value) ? $this->bad($value, "{$at}.") : null;
            if ($found !== null || (is_string($value) && ! $this->isText($value))) {
                return $found ?? $at;
            }
        }

        return null;
    }
}
