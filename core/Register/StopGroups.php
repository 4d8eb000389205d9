<?php

declare(strict_types=1);

namespace Sundial\Register;

/**
 * What becomes of two groups of assets that are stopped together, when an asset of one is put together with an asset
 * of the other.
 */
final readonly class StopGroups
{
    /**
     * @param  int|null  $kept  the group that stays; null when a new one is needed
     * @param  int|null  $dissolved  the group whose assets all go over to it
     */
    private function __construct(public ?int $kept, public ?int $dissolved)
    {
    }

    /**
     * Who is stopped with either is stopped with both: the first group stays, the second goes over to it whole.
     *
     * @param  int|null  $one  the group of the first asset, if it is in one
     * @param  int|null  $two  that of the second
     * @return self|null null where they are together already
     */
    public static function join(?int $one, ?int $two): ?self
    {
        return $one !== null && $one === $two ? null : new self($one ?? $two, $one === null ? null : $two);
    }
}
