<?php

declare(strict_types=1);

namespace Sundial\Work\Failure;

/**
 * What failures of one kind of machine usually turn out to be: the words that were recorded together most often, where
 * that is often enough to be proposed.
 */
final readonly class UsualFailure
{
    /** Fewer alike are no custom. */
    private const LEAST = 3;

    /** @param  array<string, string>  $words  by kind */
    private function __construct(public array $words, public int $times)
    {
    }

    /**
     * @param  list<array{array<string, string|null>, int}>  $recorded  words by kind, and how often they were recorded
     *     together
     */
    public static function among(array $recorded): ?self
    {
        $most = null;
        foreach ($recorded as [$words, $times]) {
            $said = array_filter($words, static fn (?string $word): bool => $word !== null && $word !== '');
            $isWhole = array_filter(
                FailureKind::cases(),
                static fn (FailureKind $kind): bool => $kind->isNeeded() && ! isset($said[$kind->value]),
            ) === [];
            if ($isWhole && $times >= self::LEAST && ($most === null || $times > $most->times)) {
                $most = new self($said, $times);
            }
        }

        return $most;
    }
}
