<?php

declare(strict_types=1);

namespace Sundial\Costing;

/**
 * What parts cost that were used on an order, line by line, where some were given back: pieces whose cost nobody knew
 * and that went back cost nothing, so that they can be booked again with their price. Bought for 3 and for an unknown
 * price, and one given back at that unknown price: 3, nothing and nothing.
 */
final readonly class GivenBack
{
    /**
     * @param  list<array{string, int, int|null}>  $lines  which part, how many thousandths (below zero: given back),
     *     cents (null: unknown), in the order in which they were booked
     * @return list<int|null> the cents of each; null: still unknown
     */
    public static function settle(array $lines): array
    {
        $back = [];
        foreach ($lines as [$part, $thousandths, $cents]) {
            if ($cents === null && $thousandths < 0) {
                $back[$part] = ($back[$part] ?? 0) - $thousandths;
            }
        }
        $settled = [];
        // What was taken last goes back first.
        foreach (array_reverse($lines, true) as $i => [$part, $thousandths, $cents]) {
            $isBack = $thousandths < 0 || ($back[$part] ?? 0) >= $thousandths;
            if ($cents === null && $isBack && $thousandths > 0) {
                $back[$part] -= $thousandths;
            }
            $settled[$i] = $cents === null && $isBack ? 0 : $cents;
        }
        ksort($settled);

        return array_values($settled);
    }
}
