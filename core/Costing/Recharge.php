<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * What a customer is asked for: (sum - discount) x (1 + tax), rounded once; a total set by hand replaces it, and the
 * computed one stays beside it. All in cents. Source: design page 2, section 2 (definition).
 */
final readonly class Recharge
{
    private const HUNDRED_PERCENT = 1000000;

    private function __construct(
        public int $net,
        public int $tax,
        public int $computed,
        public int $total,
        public bool $isSetByHand,
    ) {
    }

    /**
     * @param  int  $taxPercent  in ten-thousandths of a percent: 19 % is 190 000
     * @param  int|null  $setTotal  set by hand
     *
     * @throws InvalidInput discount_above_sum
     */
    public static function of(int $sum, int $discount, int $taxPercent, ?int $setTotal = null): self
    {
        $net = $sum - $discount;
        if ($net < 0 && $sum >= 0) {
            throw InvalidInput::because(
                'discount_above_sum',
                'discount',
                'The discount is more than there is to recharge.',
                $discount,
            );
        }
        $computed = Rounding::divideHalfAwayFromZero(
            $net * (self::HUNDRED_PERCENT + $taxPercent),
            self::HUNDRED_PERCENT,
        );

        return new self($net, $computed - $net, $computed, $setTotal ?? $computed, $setTotal !== null);
    }
}
