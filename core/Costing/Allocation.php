<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\Exception\MathException;
use Sundial\Support\InvalidInput;

/**
 * Spreading a whole over parts by weight, by largest remainder (Hamilton): the parts add up to the whole, to the
 * cent and the second.
 *
 * Each part gets the whole part of |total| x weight / sum; what is left goes one each to the largest remainders,
 * ties to the lower
 * position. A negative total mirrors the positive one; all-zero weights are equal. Exact: no quota is ever a float.
 */
final readonly class Allocation
{
    /**
     * @param  int  $total  whole minor units
     * @param  list<int|string>  $weights  whole numbers or exact decimals, none negative
     * @return list<int> as many as there are weights; none for a total of 0 over nothing
     *
     * @throws InvalidInput no_parts, negative_weight, invalid_weight
     */
    public static function of(int $total, array $weights): array
    {
        if ($weights === [] && $total === 0) {
            return [];
        }
        if ($weights === []) {
            throw InvalidInput::because(
                'no_parts',
                'weights',
                'There is nothing to spread over: name at least one part.',
            );
        }
        $whole = self::wholeWeights($weights);
        $sum = BigInteger::sum(...$whole);
        $magnitude = BigInteger::of($total)->abs();
        $parts = [];
        $remainders = [];
        foreach ($whole as $i => $weight) {
            [$quotient, $remainder] = $magnitude->multipliedBy($weight)->quotientAndRemainder($sum);
            $parts[$i] = $quotient;
            $remainders[$i] = $remainder;
        }
        $left = $magnitude->minus(BigInteger::sum(...$parts))->toInt();
        uksort(
            $remainders,
            static fn (int $a, int $b): int => $remainders[$b]->compareTo($remainders[$a]) ?: $a <=> $b,
        );
        foreach (array_slice(array_keys($remainders), 0, $left) as $i) {
            $parts[$i] = $parts[$i]->plus(1);
        }

        return array_map(
            static fn (BigInteger $part): int => ($total < 0 ? $part->negated() : $part)->toInt(),
            array_values($parts),
        );
    }

    /**
     * The weights scaled to whole numbers; all ones where all are zero.
     *
     * @param  non-empty-list<int|string>  $weights
     * @return non-empty-list<BigInteger>
     */
    private static function wholeWeights(array $weights): array
    {
        try {
            $exact = array_map(BigDecimal::of(...), $weights);
        } catch (MathException) {
            throw InvalidInput::because('invalid_weight', 'weights', 'Weights must be plain decimal numbers.');
        }
        $scale = 0;
        $allZero = true;
        foreach ($exact as $weight) {
            if ($weight->isNegative()) {
                throw InvalidInput::because('negative_weight', 'weights', "A weight cannot be negative: {$weight}.");
            }
            $scale = max($scale, $weight->getScale());
            $allZero = $allZero && $weight->isZero();
        }

        return array_map(
            static fn (BigDecimal $weight): BigInteger => $allZero
                ? BigInteger::one()
                : $weight->withPointMovedRight($scale)->toBigInteger(),
            $exact,
        );
    }
}
