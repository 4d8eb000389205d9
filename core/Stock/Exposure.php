<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/** The time that what is held has to last: while resupply comes, until the end, or to the next visit. */
final readonly class Exposure
{
    private function __construct(public string $kind, public float $length)
    {
    }

    /** @throws InvalidInput invalid_exposure */
    public static function resupply(float $leadTime, float $review): self
    {
        self::check($leadTime);
        self::check($review);

        return new self('resupply', $leadTime + $review);
    }

    /**
     * Where it cannot be bought again.
     *
     * @throws InvalidInput invalid_exposure
     */
    public static function horizon(float $length): self
    {
        return new self('horizon', self::check($length));
    }

    /**
     * Where each visit restocks it.
     *
     * @throws InvalidInput invalid_exposure
     */
    public static function interval(float $length): self
    {
        return new self('interval', self::check($length));
    }

    private static function check(float $length): float
    {
        return $length >= 0 && is_finite($length)
            ? $length
            : throw InvalidInput::because('invalid_exposure', 'exposure', 'A time lies at 0 or above.', $length);
    }
}
