<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/** The time that what is held has to last: while resupply comes, until the end, or to the next visit. */
final readonly class Exposure
{
    private function __construct(public string $kind, public float $length, private float $review = 0.0)
    {
    }

    /** @throws InvalidInput invalid_exposure */
    public static function resupply(float $leadTime, float $review): self
    {
        self::check($leadTime);
        self::check($review);

        return new self('resupply', $leadTime + $review, $review);
    }

    /**
     * Where it is repaired: until a repair comes back, and for the share that is beyond repair until another is bought.
     * The mean of what is on its way is the rate of failures times this time (Palm's theorem; Sherbrooke, 1968).
     *
     * @param  float  $beyond  share that is beyond repair, 0 to 1
     *
     * @throws InvalidInput invalid_exposure, invalid_share
     */
    public static function repair(float $turnaround, float $beyond, self $resupply): self
    {
        if (! ($beyond >= 0 && $beyond <= 1)) {
            throw InvalidInput::because('invalid_share', 'scrapped', 'A share lies between 0 and 1.', $beyond);
        }
        $lead = $resupply->length - $resupply->review;

        return new self('repair', (1 - $beyond) * self::check($turnaround) + $beyond * $lead + $resupply->review);
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
