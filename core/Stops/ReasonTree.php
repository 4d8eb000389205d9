<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\InvalidInput;

/** Reasons stand in two levels: one at the top, and those that are added up under it. */
final readonly class ReasonTree
{
    /**
     * @param  bool  $isTop  whether the one above it stands at the top itself
     * @param  bool  $isItself  whether it would stand under itself
     * @param  bool  $hasUnder  whether others stand under it already
     *
     * @throws InvalidInput too_deep
     */
    public static function checkUnder(bool $isTop, bool $isItself, bool $hasUnder): void
    {
        if (! $isTop || $isItself || $hasUnder) {
            throw InvalidInput::because(
                'too_deep',
                'parent_id',
                'A reason stands at the top, or under one that does and has none above it.',
            );
        }
    }
}
