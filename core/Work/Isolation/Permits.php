<?php

declare(strict_types=1);

namespace Sundial\Work\Isolation;

use DateTimeImmutable;

/**
 * The permits that some work needs, by their kinds: each is issued like an isolation, by somebody who does not work
 * there, until an instant. Work does not start while one is missing or has run out.
 */
final readonly class Permits
{
    /** What a plant that has not set its own begins with. */
    public const SHIPPED = ['hot work', 'confined space', 'work at height', 'live electrical work'];

    /** @param  list<string>  $needed  kinds */
    private function __construct(public array $needed)
    {
    }

    /** @param  list<string>  $needed  kinds, each once */
    public static function needed(array $needed): self
    {
        return new self($needed);
    }

    /**
     * The kinds of which none holds at an instant.
     *
     * @param  list<array{string, Isolation}>  $issued  kind, and where it stands
     * @return list<string>
     */
    public function missing(array $issued, DateTimeImmutable $now): array
    {
        $hold = [];
        foreach ($issued as [$kind, $permit]) {
            if ($permit->protects($now)) {
                $hold[] = $kind;
            }
        }

        return array_values(array_diff($this->needed, $hold));
    }
}
