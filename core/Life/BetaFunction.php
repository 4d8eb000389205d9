<?php

declare(strict_types=1);

namespace Sundial\Life;

/** The regularized incomplete beta function and its inverse, by its continued fraction (DLMF 8.17.22, Lentz). */
final readonly class BetaFunction
{
    private const STEPS = 500;

    private const HALVINGS = 200;

    private const TINY = 1e-300;

    /** I(x; a, b), for x from 0 to 1 and a, b above 0. */
    public static function share(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $log = GammaFunction::log($a + $b) - GammaFunction::log($a) - GammaFunction::log($b);
        $front = exp($log + $a * log($x) + $b * log1p(-$x));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    /** The x at which I(x; a, b) is so much, by halving. */
    public static function quantile(float $share, float $a, float $b): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < self::HALVINGS && $high - $low > 1e-16 * $high; $i++) {
            $middle = ($low + $high) / 2;
            self::share($middle, $a, $b) < $share ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::away(1 - ($a + $b) * $x / ($a + 1));
        $h = $d;
        for ($m = 1; $m <= self::STEPS; $m++) {
            foreach (self::terms($m, $x, $a, $b) as $term) {
                $d = 1 / self::away(1 + $term * $d);
                $c = self::away(1 + $term / $c);
                $h *= $d * $c;
            }
            if (abs($d * $c - 1) < 1e-16) {
                break;
            }
        }

        return $h;
    }

    /** @return array{float, float} the even and the odd term */
    private static function terms(int $m, float $x, float $a, float $b): array
    {
        return [
            $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)),
            -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1)),
        ];
    }

    /** Never 0, so that it can be divided by. */
    private static function away(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }
}
