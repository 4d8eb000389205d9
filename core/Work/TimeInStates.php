<?php

declare(strict_types=1);

namespace Sundial\Work;

use DateTimeImmutable;

/**
 * How long an order stood in each state, at each stage and for each reason of a hold, added up over all the times that
 * it stood there. What has no end yet runs to now.
 */
final readonly class TimeInStates
{
    /** @param  array<string, int>  $seconds  by where it stood, in the order in which it first came there */
    private function __construct(public array $seconds)
    {
    }

    /**
     * @param  iterable<array{string, DateTimeImmutable, DateTimeImmutable|null}>  $stretches  where it stood, from and
     *     to, in order of time
     */
    public static function of(iterable $stretches, DateTimeImmutable $now): self
    {
        $seconds = [];
        foreach ($stretches as [$where, $from, $to]) {
            $length = ($to ?? $now)->getTimestamp() - $from->getTimestamp();
            $seconds[$where] = ($seconds[$where] ?? 0) + max(0, $length);
        }

        return new self($seconds);
    }

    /** @return array<string, int> whole minutes, where it stood for a minute at least */
    public function minutes(): array
    {
        return array_filter(array_map(static fn (int $seconds): int => intdiv($seconds, 60), $this->seconds));
    }
}
