<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/**
 * The sky of more than can be drawn one by one: a fan whose leaves are as large as how many stand there, what is near
 * at their outer edge; what is in hand, late or without a schedule is one mark with its number.
 */
final readonly class SkyFan
{
    /** Into so many leaves the arc is divided. */
    public const LEAVES = 30;

    /** What the fullest leaf leaves free of the radius. */
    private const INNER = 0.24;

    /** Below that, the fullest leaf stays open: a few are not drawn as if they were many. */
    private const FEW = 12;

    /** The thinnest part of a leaf that is still seen. */
    private const THINNEST = 2.0;

    public function __construct(private SkyFrame $frame)
    {
    }

    /** @param  list<SkyPoint>  $points */
    public function svg(array $points): string
    {
        $leaves = [];
        foreach ($points as $point) {
            if (in_array($point->nearness, [Nearness::Due, Nearness::Near, Nearness::Clear], true)) {
                $leaves[self::leafOf($point->consumed)][] = $point;
            }
        }
        $most = max(self::FEW, ...array_map(self::many(...), array_values($leaves)));
        $svg = '';
        foreach ($leaves as $leaf => $stack) {
            usort($stack, static fn (SkyPoint $a, SkyPoint $b): int => self::rank($a) <=> self::rank($b));
            $svg .= $this->leaf($leaf, $stack, $most);
        }

        return $svg;
    }

    /** @param  int  $consumed  thousandths of the interval */
    public static function leafOf(int $consumed): int
    {
        return min(self::LEAVES - 1, intdiv(max(0, $consumed) * self::LEAVES, 1000));
    }

    /** How urgent it is, the most urgent first; a leaf is built up from its edge in that order. */
    private static function rank(SkyPoint $point): int
    {
        return $point->nearness?->rank() ?? PHP_INT_MAX;
    }

    /** @param  list<SkyPoint>  $stack */
    private static function many(array $stack): int
    {
        return array_sum(array_column($stack, 'many'));
    }

    /**
     * The area of a leaf's part is as its number is to that of the fullest leaf.
     *
     * @param  list<SkyPoint>  $stack
     */
    private function leaf(int $leaf, array $stack, int $most): string
    {
        $radius = $this->frame->radius;
        $each = (1 - self::INNER ** 2) * $radius ** 2 / $most;
        [$svg, $from] = ['', $radius];
        foreach ($stack as $point) {
            $to = min($from - self::THINNEST, sqrt(max(0.0, $from ** 2 - $each * $point->many)));
            $to = max(0.12 * $radius, $to);
            $kind = $point->nearness->value ?? 'none';
            $svg .= $point->link(
                "<path class=\"sky-leaf sky-{$kind}\" d=\"{$this->part($leaf, $from, $to)}\"/>",
            );
            $from = $to;
        }

        return $svg;
    }

    /** The outline of a part of a leaf between two circles. */
    private function part(int $leaf, float $outer, float $inner): string
    {
        [$x1, $y1] = $this->frame->at($leaf / self::LEAVES, $outer);
        [$x2, $y2] = $this->frame->at(($leaf + 1) / self::LEAVES, $outer);
        [$x3, $y3] = $this->frame->at(($leaf + 1) / self::LEAVES, $inner);
        [$x4, $y4] = $this->frame->at($leaf / self::LEAVES, $inner);
        [$outer, $inner] = [round($outer, 1), round($inner, 1)];

        return "M{$x1},{$y1} A{$outer},{$outer} 0 0 1 {$x2},{$y2} L{$x3},{$y3} ".
            "A{$inner},{$inner} 0 0 0 {$x4},{$y4}Z";
    }
}
