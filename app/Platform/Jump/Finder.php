<?php

declare(strict_types=1);

namespace App\Platform\Jump;

use App\Platform\Extension\Extensions;
use App\Platform\Extension\JumpSource;
use Illuminate\Support\Facades\Cache;
use Sundial\Ask\Spelling;

/** Asks every source for what was typed; where nothing is found, once more with the words that were probably meant. */
final readonly class Finder
{
    private const EACH = 6;

    public function __construct(private Extensions $extensions)
    {
    }

    /** @return array{hits: list<Hit>, meant: string|null} */
    public function __invoke(string $text, int $siteId): array
    {
        $text = trim(mb_substr($text, 0, 80));
        $words = array_values(
            array_filter(preg_split('/\s+/u', $text) ?: [], static fn (string $word): bool => $word !== ''),
        );
        if ($words === []) {
            return ['hits' => [], 'meant' => null];
        }
        $hits = $this->ask($text, $words, $siteId);
        if ($hits !== []) {
            return ['hits' => $hits, 'meant' => null];
        }
        $spelling = $this->spelling($siteId);
        $meant = array_map(
            static fn (string $word): string => preg_match('/\d/', $word) === 1
                ? $word
                : $spelling->nearest($word) ?? $word,
            $words,
        );
        $said = implode(' ', $meant);

        return $said === mb_strtolower($text)
            ? ['hits' => [], 'meant' => null]
            : ['hits' => $this->ask($said, $meant, $siteId), 'meant' => $said];
    }

    /** @param  list<string>  $words
     * @return list<Hit> */
    private function ask(string $text, array $words, int $siteId): array
    {
        $hits = [];
        foreach ($this->extensions->of(JumpSource::class) as $source) {
            $hits = [...$hits, ...$source->find($text, $words, $siteId, self::EACH)];
        }

        return $hits;
    }

    private function spelling(int $siteId): Spelling
    {
        $names = Cache::remember("names of site {$siteId}", 300, function () use ($siteId): array {
            $words = [];
            foreach ($this->extensions->of(JumpSource::class) as $source) {
                foreach ($source->names($siteId) as $name) {
                    foreach (Spelling::split($name) as $word) {
                        $words[$word] = true;
                    }
                }
            }

            return array_map(strval(...), array_keys($words));
        });

        return Spelling::of($names);
    }
}
