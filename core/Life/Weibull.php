<?php

declare(strict_types=1);

namespace Sundial\Life;

use Sundial\Support\InvalidInput;

/**
 * A life with two parameters (IEC 61649): R(t) = exp(-(t/eta)^beta). Beta below 1: it fails young; 1: at any age alike;
 * above 1: it wears out. Eta: the age by which 63.2 % have failed, in any unit of time.
 */
final readonly class Weibull
{
    /** Where the series of the integral gives way to what is left beyond it. */
    private const FAR = 30.0;

    private const TERMS = 400;

    private function __construct(public float $beta, public float $eta)
    {
    }

    /** @throws InvalidInput invalid_life */
    public static function of(float $beta, float $eta): self
    {
        return $beta > 0 && $eta > 0 && is_finite($beta) && is_finite($eta)
            ? new self($beta, $eta)
            : throw InvalidInput::because(
                'invalid_life',
                'eta',
                'Shape and scale of a life lie above 0.',
                [$beta, $eta],
            );
    }

    /** (t/eta)^beta: how many failures a unit has had by then that is patched up each time. */
    public function hazard(float $t): float
    {
        return $t <= 0 ? 0.0 : ($t / $this->eta) ** $this->beta;
    }

    /** The share that is still running at an age. */
    public function running(float $t): float
    {
        return exp(-$this->hazard($t));
    }

    /** The share that has failed by an age; exact for small ones too. */
    public function failed(float $t): float
    {
        return -expm1(-$this->hazard($t));
    }

    /** eta x gamma(1 + 1/beta). */
    public function mean(): float
    {
        return $this->eta * GammaFunction::at(1 + 1 / $this->beta);
    }

    /**
     * The integral of R from 0 to T: how long a unit runs that is replaced at T, or when it fails before. By the series
     * of the lower incomplete gamma function (NIST Digital Library of Mathematical Functions, 8.7.1).
     */
    public function runningUntil(float $t): float
    {
        $x = $this->hazard($t);
        $a = 1 / $this->beta;
        if ($x > self::FAR + $a) {
            return $this->mean();
        }
        $term = 1 / $a;
        $sum = $term;
        for ($n = 1; $n < self::TERMS && $term > $sum * 1e-17; $n++) {
            $term *= $x / ($a + $n);
            $sum += $term;
        }

        return $t / $this->beta * exp(-$x) * $sum;
    }
}
