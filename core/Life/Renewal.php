<?php

declare(strict_types=1);

namespace Sundial\Life;

/**
 * How many failures a unit has within a time when each is mended by a new one: the renewal equation (Smith and
 * Leadbetter 1963; Barlow and Proschan 1965), solved on a grid by sums of Stieltjes with the means of neighbouring
 * points. Where units are replaced as planned at an age, a unit that comes to it starts anew without a failure, and
 * that age falls on an edge of the grid.
 */
final readonly class Renewal
{
    private const CELLS = 2000;

    /**
     * @param  list<float>  $ofNew  failures of a new unit up to the i-th edge
     */
    private function __construct(
        private Weibull $life,
        private ?float $replacedAt,
        private float $span,
        private float $step,
        private array $ofNew,
    ) {
    }

    /** @param  float|null  $replacedAt  null: it runs until it fails */
    public static function within(float $span, Weibull $life, ?float $replacedAt): self
    {
        $step = $span / self::CELLS;
        if ($replacedAt !== null && $replacedAt < $span) {
            $step = $replacedAt / max(1, (int) ceil($replacedAt / $step));
        }
        $edges = (int) ceil($span / $step - 1e-9);
        $last = $replacedAt === null ? $edges : min($edges, (int) round($replacedAt / $step));

        return new self($life, $replacedAt, $span, $step, self::solve($life, $step, $edges, $last, $replacedAt));
    }

    /** Failures within the span of a unit of an age. */
    public function ofAge(float $age): float
    {
        $end = $this->replacedAt === null ? $this->span : min($this->span, max(0.0, $this->replacedAt - $age));
        $before = $this->life->hazard($age);
        $failed = fn (float $t): float => -expm1($before - $this->life->hazard($age + $t));
        $cell = $end / self::CELLS;
        $sum = 0.0;
        $from = 0.0;
        $later = $this->at($this->span);
        for ($i = 1; $i <= self::CELLS; $i++) {
            $to = $failed($i * $cell);
            $next = $this->at($this->span - $i * $cell);
            $sum += ($to - $from) * (1 + ($later + $next) / 2);
            [$from, $later] = [$to, $next];
        }

        return $end < $this->span ? $sum + (1 - $from) * $this->at($this->span - $end) : $sum;
    }

    /** @return list<float> */
    private static function solve(Weibull $life, float $step, int $edges, int $last, ?float $replacedAt): array
    {
        $steps = [];
        for ($j = 1; $j <= $last; $j++) {
            $steps[$j] = $life->failed($j * $step) - $life->failed(($j - 1) * $step);
        }
        $left = $replacedAt === null ? 0.0 : $life->running($replacedAt);
        $new = [0.0];
        for ($i = 1; $i <= $edges; $i++) {
            $sum = 0.0;
            $most = min($i, $last);
            for ($j = 2; $j <= $most; $j++) {
                $sum += $steps[$j] * (1 + ($new[$i - $j] + $new[$i - $j + 1]) / 2);
            }
            $sum += $steps[1] * (1 + $new[$i - 1] / 2);
            if ($replacedAt !== null && $i >= $last && $last * $step >= $replacedAt * (1 - 1e-9)) {
                $sum += $left * $new[$i - $last];
            }
            // The new value stands in its own mean.
            $new[$i] = $sum / (1 - $steps[1] / 2);
        }

        return array_values($new);
    }

    /** Failures of a new unit up to a time, straight between the edges. */
    private function at(float $t): float
    {
        $x = max(0.0, $t / $this->step);
        $i = min((int) $x, count($this->ofNew) - 1);
        $next = $this->ofNew[min($i + 1, count($this->ofNew) - 1)];

        return $this->ofNew[$i] + ($next - $this->ofNew[$i]) * ($x - $i);
    }
}
