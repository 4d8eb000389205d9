<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/**
 * Many dials in one picture: an arc over a horizon line, on which everything stands where its most urgent visit has
 * come
 * to. Rising on the left, high at half, setting on the right on the day; below the line in the night when late; what is
 * in hand as posts on the line, what has no schedule in a row beneath.
 */
final readonly class Sky
{
    /** Points that are drawn one by one; beyond that, how many stand together is drawn. */
    public const MOST_POINTS = 1500;

    private function __construct(
        private int $width,
        private int $height,
        private float $middle,
        private float $ground,
        private float $radius,
        private float $dot,
    ) {
    }

    public static function large(): self
    {
        return new self(790, 336, 395.0, 278.0, 252.0, 5.0);
    }

    public static function small(): self
    {
        return new self(154, 92, 77.0, 74.0, 60.0, 2.6);
    }

    /** @param  list<SkyPoint>  $points */
    public function svg(string $label, array $points): string
    {
        $of = static fn (?Nearness ...$kinds): array => array_values(
            array_filter($points, static fn (SkyPoint $one): bool => in_array($one->nearness, $kinds, true)),
        );
        $inside =
            $this->frame().
            $this->onArc($of(Nearness::Clear, Nearness::Near, Nearness::Due)).
            $this->night($of(Nearness::Late)).
            $this->line().
            $this->posts($of(Nearness::InHand)).
            $this->without($of(null)).
            ($this->isLarge() ? $this->words($points) : '');

        return "<svg class=\"sky\" viewBox=\"0 0 {$this->width} {$this->height}\" role=\"group\" aria-label=\"".
            e($label).
            "\">{$inside}</svg>";
    }

    private function isLarge(): bool
    {
        return $this->width > 400;
    }

    /** @return array{float, float} where a share of the interval stands on a circle around the middle */
    private function at(float $share, float $radius): array
    {
        return [
            round($this->middle - $radius * cos(M_PI * $share), 1),
            round($this->ground - $radius * sin(M_PI * $share), 1),
        ];
    }

    private function frame(): string
    {
        [$left, $right] = [$this->middle - $this->radius, $this->middle + $this->radius];
        $night = 0.45 * $this->radius;
        $depth = $this->height - $this->ground - 4;

        return '<rect class="sky-night" x="'.
            ($right + 5 - $night).
            "\" y=\"{$this->ground}\" width=\"{$night}\" ".
            "height=\"{$depth}\"/><path class=\"sky-arc\" d=\"M{$left},{$this->ground} ".
            "A{$this->radius},{$this->radius} ".
            "0 0 1 {$right},{$this->ground}\"/>";
    }

    private function line(): string
    {
        return "<path class=\"sky-line\" d=\"M4,{$this->ground} H".($this->width - 4).'"/>';
    }

    /** @param  list<SkyPoint>  $points  those that stand together are stacked towards the middle */
    private function onArc(array $points): string
    {
        $step = 2.34 * $this->dot;
        $slots = (int) floor((M_PI * $this->radius) / $step);
        $stacks = [];
        foreach ($points as $point) {
            $stacks[min($slots, (int) round(($slots * min(1000, $point->consumed)) / 1000))][] = $point;
        }
        $most = (int) floor((0.8 * $this->radius) / $step);
        $svg = '';
        foreach ($stacks as $slot => $stack) {
            if ($stack[0]->many > 1) {
                $svg .= $this->density($stack, $slot / $slots, $step);

                continue;
            }
            // Soonest first stands on the arc itself; a stack that is too high is drawn closer.
            $gap = count($stack) > $most ? ($step * $most) / count($stack) : $step;
            foreach ($stack as $i => $point) {
                [$x, $y] = $this->at($slot / $slots, $this->radius - $gap * $i);
                $svg .= $this->dot($point, $x, $y);
            }
        }

        return $svg;
    }

    /**
     * Many as a ray towards the middle, as long as the root of how many they are; what is near lies at its end.
     *
     * @param  list<SkyPoint>  $stack
     */
    private function density(array $stack, float $share, float $step): string
    {
        [$svg, $from] = ['', $this->radius];
        foreach ($stack as $point) {
            $to = max(0.15 * $this->radius, $from - 0.022 * $this->radius * sqrt($point->many));
            [$x1, $y1] = $this->at($share, $from);
            [$x2, $y2] = $this->at($share, $to);
            $kind = str_replace(' ', '-', $point->nearness->value ?? 'none');
            $width = round(0.8 * $step, 1);
            $svg .= $this->link(
                $point,
                "<path class=\"sky-ray sky-{$kind}\" d=\"M{$x1},{$y1} L{$x2},{$y2}\" stroke-width=\"{$width}\"/>",
            );
            $from = $to;
        }

        return $svg;
    }

    private function dot(SkyPoint $point, float $x, float $y): string
    {
        $kind = str_replace(' ', '-', $point->nearness->value ?? 'none');

        return $this->link($point, "<circle class=\"sky-{$kind}\" cx=\"{$x}\" cy=\"{$y}\" r=\"{$this->dot}\"/>");
    }

    /** The index beside the picture leads by keyboard to the same; here, a pointer does. */
    private function link(SkyPoint $point, string $mark): string
    {
        return '<a href="'.
            e($point->href).
            '" tabindex="-1" aria-label="'.
            e($point->label).
            '">'.
            '<title>'.
            e($point->label).
            "</title>{$mark}</a>";
    }

    /** @param  list<SkyPoint>  $points */
    private function night(array $points): string
    {
        $right = $this->middle + $this->radius;
        $depth = $this->height - $this->ground - 4 * $this->dot;
        $step = 2.4 * $this->dot;
        $room = max(1, (int) floor((0.42 * $this->radius) / $step));
        [$svg, $at] = ['', []];
        foreach ($points as $i => $point) {
            $row = (int) round((min(1000, max(0, $point->consumed - 1000)) / 1000) * floor($depth / $step));
            $place = $at[$row] = ($at[$row] ?? -1) + 1;
            $x = round($right - 2 - ($place % $room) * $step, 1);
            $y = round($this->ground + 2 * $this->dot + $row * $step, 1);
            $svg .= $this->dot($point, $x, $y);
            if ($this->isLarge() && count($points) <= 3 && $place === 0) {
                $svg .=
                    '<text class="sky-late-text" x="'.
                    ($x - 10).
                    '" y="'.
                    ($y + 4).
                    '" text-anchor="end">'.
                    e($point->short).
                    '</text>';
            }
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function posts(array $points): string
    {
        $high = $this->isLarge() ? 18 : 9;
        $wide = $this->isLarge() ? 5.5 : 2.9;
        $from = $this->middle - 0.72 * $this->radius;
        $step = min($this->isLarge() ? 15.5 : 8.0, (1.05 * $this->radius) / max(1, count($points)));
        $svg = '';
        foreach ($points as $i => $point) {
            $x = round($from + $step * $i, 1);
            $svg .= $this->number($point, $x + 2 * $wide, $this->ground - 6);
            $svg .= $this->link(
                $point,
                "<path class=\"sky-post\" d=\"M{$x},{$this->ground} v-{$high} l{$wide},{$high} z\"/>",
            );
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function without(array $points): string
    {
        $wide = $this->isLarge() ? 5.0 : 3.4;
        $from = $this->middle - 0.72 * $this->radius;
        $step = min(2.2 * $wide, (1.05 * $this->radius) / max(1, count($points)));
        $y = $this->ground + ($this->isLarge() ? 11 : 7);
        $svg = '';
        foreach ($points as $i => $point) {
            $x = round($from + $step * $i, 1);
            $svg .= $this->link(
                $point,
                "<path class=\"sky-none\" d=\"M{$x},{$y} h".round(min($wide, $step), 1).'"/>',
            );
        }

        return $svg;
    }

    /** How many stand at a mark that is one for many. */
    private function number(SkyPoint $point, float $x, float $y): string
    {
        return $point->many > 1 && $this->isLarge()
            ? "<text class=\"sky-text\" x=\"{$x}\" y=\"{$y}\">".Wording::number($point->many).'</text>'
            : '';
    }

    /** @param  list<SkyPoint>  $points */
    private function words(array $points): string
    {
        $say = function (string $text, float $x, float $y, string $anchor = 'start'): string {
            return "<text class=\"sky-text\" x=\"{$x}\" y=\"{$y}\" text-anchor=\"{$anchor}\">{$text}</text>";
        };
        $has = static fn (?Nearness $kind): bool => array_filter(
            $points,
            static fn (SkyPoint $one): bool => $one->nearness === $kind,
        ) !== [];
        [$x, $y] = $this->at(0.07, $this->radius + 12);
        $from = $this->middle - 0.72 * $this->radius;

        return $say('just done', $x, $y, 'end').
            $say('half way', $this->middle, $this->ground - $this->radius - 9, 'middle').
            $say('due today', $this->middle + $this->radius + 14, $this->ground - 10).
            ($has(Nearness::InHand) ? $say('in hand', $from, $this->ground - 22) : '').
            ($has(null) ? $say('without a schedule', $from, $this->ground + 27) : '').
            ($has(Nearness::Late) ? $say('late', $this->middle + $this->radius + 14, $this->ground + 22) : '');
    }
}
