<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/**
 * Who gets first and loses last: by priority, then by the day on which it is needed, then by approval. A claim without
 * a day comes after those that have one.
 */
final readonly class ClaimRank
{
    private const NO_DAY = '9999-99-99';

    private function __construct(private int $strokes, private string $neededOn, private string $approvedAt)
    {
    }

    /**
     * @param  int  $strokes  of its priority: 1 for routine to 4 for emergency
     * @param  string  $approvedAt  an instant, written so that later ones sort behind
     */
    public static function of(int $strokes, ?LocalDate $neededOn, string $approvedAt): self
    {
        return new self($strokes, $neededOn === null ? self::NO_DAY : (string) $neededOn, $approvedAt);
    }

    /** Below 0: this one goes before the other; 0: they stand alike. */
    public function against(self $other): int
    {
        return [$other->strokes, $this->neededOn, $this->approvedAt] <=>
            [$this->strokes, $other->neededOn, $other->approvedAt];
    }

    /** Whether this one is worth more than the other: by priority or by day, and not by approval alone. */
    public function outranks(self $other): bool
    {
        return [$other->strokes, $this->neededOn] < [$this->strokes, $other->neededOn];
    }
}
