<?php

declare(strict_types=1);

namespace Sundial\Register;

/**
 * What becomes of two ties (assets that go down together), when an asset of one is tied to an asset of the other.
 */
final readonly class Ties
{
    /**
     * @param  int|null  $kept  the tie that stays; null when a new one is needed
     * @param  int|null  $dissolved  the tie whose assets all go over to it
     */
    private function __construct(public ?int $kept, public ?int $dissolved)
    {
    }

    /**
     * What is tied to either is tied to both: the first tie stays, the second goes over to it whole.
     *
     * @param  int|null  $one  the tie of the first asset, if it is in one
     * @param  int|null  $two  that of the second
     * @return self|null null where they are together already
     */
    public static function join(?int $one, ?int $two): ?self
    {
        return $one !== null && $one === $two ? null : new self($one ?? $two, $one === null ? null : $two);
    }
}
