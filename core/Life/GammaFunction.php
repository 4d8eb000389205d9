<?php

declare(strict_types=1);

namespace Sundial\Life;

/** The gamma function above 0, by the approximation of Lanczos (g = 7, nine terms): good to about 1e-15. */
final readonly class GammaFunction
{
    private const G = 7;

    private const TERMS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    /** The natural logarithm of gamma at x, for x above 0. */
    public static function log(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::log(1 - $x);
        }
        $x -= 1;
        $sum = self::TERMS[0];
        foreach (array_slice(self::TERMS, 1) as $i => $term) {
            $sum += $term / ($x + $i + 1);
        }
        $t = $x + self::G + 0.5;

        return 0.5 * log(2 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    public static function at(float $x): float
    {
        return exp(self::log($x));
    }
}
