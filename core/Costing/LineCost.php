<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\Rounding;

/** The cost of a line of parts: quantity x price, rounded once a line, half away from zero; a return is below zero. */
final readonly class LineCost
{
    /**
     * @param  int  $thousandths  the quantity
     * @param  int  $tenThousandths  what a unit costs
     * @return int cents
     */
    public static function of(int $thousandths, int $tenThousandths): int
    {
        return Rounding::divideHalfAwayFromZero($thousandths * $tenThousandths, 1000 * 100);
    }
}
