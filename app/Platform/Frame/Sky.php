<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/**
 * Many dials in one picture: an arc over a horizon line, on which everything stands where its most urgent visit has
 * come to. Rising on the left, high at half, setting on the right on the day; below the line in the night when late;
 * what is in hand as posts on the line, what has no schedule in a row beneath.
 */
final readonly class Sky
{
    /** Points that are drawn one by one; beyond that, how many stand together is drawn. */
    public const MOST_POINTS = 1500;

    private function __construct(private SkyFrame $frame)
    {
    }

    public static function large(): self
    {
        return new self(SkyFrame::large());
    }

    public static function small(): self
    {
        return new self(SkyFrame::small());
    }

    /** @param  list<SkyPoint>  $points */
    public function svg(string $label, array $points): string
    {
        $inside = $this->frame->behind().
            ($this->areCrowds($points) ? $this->crowded($points) : $this->single($points)).
            ($this->frame->isLarge() ? $this->words($points) : '');

        return "<svg class=\"sky\" viewBox=\"0 0 {$this->frame->width} {$this->frame->height}\" role=\"group\" ".
            'aria-label="'.
            e($label).
            "\">{$inside}</svg>";
    }

    /** @param  list<SkyPoint>  $points */
    private function areCrowds(array $points): bool
    {
        foreach ($points as $point) {
            if ($point->many > 1) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<SkyPoint>  $points */
    private function single(array $points): string
    {
        return $this->onArc(self::of($points, Nearness::Clear, Nearness::Near, Nearness::Due)).
            $this->night(self::of($points, Nearness::Late)).
            $this->frame->line().
            $this->posts(self::of($points, Nearness::InHand)).
            $this->without(self::of($points, null));
    }

    /** @param  list<SkyPoint>  $points */
    private function crowded(array $points): string
    {
        return (new SkyFan($this->frame))->svg($points).
            $this->frame->line().
            (new SkyCrowds($this->frame))->svg(
                self::of($points, Nearness::Late),
                self::of($points, Nearness::InHand),
                self::of($points, null),
            );
    }

    /**
     * @param  list<SkyPoint>  $points
     * @return list<SkyPoint>
     */
    private static function of(array $points, ?Nearness ...$kinds): array
    {
        return array_values(
            array_filter($points, static fn (SkyPoint $one): bool => in_array($one->nearness, $kinds, true)),
        );
    }

    /** @param  list<SkyPoint>  $points  those that stand together are stacked towards the middle */
    private function onArc(array $points): string
    {
        $step = 2.34 * $this->frame->dot;
        $slots = (int) floor((M_PI * $this->frame->radius) / $step);
        $stacks = [];
        foreach ($points as $point) {
            $stacks[min($slots, (int) round(($slots * min(1000, $point->consumed)) / 1000))][] = $point;
        }
        $most = (int) floor((0.8 * $this->frame->radius) / $step);
        $svg = '';
        foreach ($stacks as $slot => $stack) {
            // Soonest first stands on the arc itself; a stack that is too high is drawn closer.
            $gap = count($stack) > $most ? ($step * $most) / count($stack) : $step;
            foreach ($stack as $i => $point) {
                [$x, $y] = $this->frame->at($slot / $slots, $this->frame->radius - $gap * $i);
                $svg .= $point->dot($x, $y, $this->frame->dot);
            }
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function night(array $points): string
    {
        $frame = $this->frame;
        $right = $frame->middle + $frame->radius;
        $depth = $frame->height - $frame->ground - 4 * $frame->dot;
        $step = 2.4 * $frame->dot;
        $room = max(1, (int) floor((0.42 * $frame->radius) / $step));
        [$svg, $at] = ['', []];
        foreach ($points as $point) {
            $row = (int) round((min(1000, max(0, $point->consumed - 1000)) / 1000) * floor($depth / $step));
            $place = $at[$row] = ($at[$row] ?? -1) + 1;
            $x = round($right - 2 - ($place % $room) * $step, 1);
            $y = round($frame->ground + 2 * $frame->dot + $row * $step, 1);
            $svg .= $point->dot($x, $y, $frame->dot);
            if ($frame->isLarge() && count($points) <= 3 && $place === 0) {
                $svg .= SkyCrowds::late(e($point->short), $x - 10, $y + 4);
            }
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function posts(array $points): string
    {
        $step = min($this->frame->isLarge() ? 15.5 : 8.0, (1.05 * $this->frame->radius) / max(1, count($points)));
        $svg = '';
        foreach ($points as $i => $point) {
            $svg .= $point->post($this->frame, round($this->frame->rowFrom() + $step * $i, 1));
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function without(array $points): string
    {
        $wide = $this->frame->isLarge() ? 5.0 : 3.4;
        $step = min(2.2 * $wide, (1.05 * $this->frame->radius) / max(1, count($points)));
        $svg = '';
        foreach ($points as $i => $point) {
            $svg .= $point->dash(
                round($this->frame->rowFrom() + $step * $i, 1),
                $this->frame->ground + ($this->frame->isLarge() ? 11 : 7),
                round(min($wide, $step), 1),
            );
        }

        return $svg;
    }

    /** @param  list<SkyPoint>  $points */
    private function words(array $points): string
    {
        $frame = $this->frame;
        [$x, $y] = $frame->at(0.07, $frame->radius + 12);
        $right = $frame->middle + $frame->radius + 14;
        $alone = ! $this->areCrowds($points);

        return $frame->text('just done', $x, $y, 'end').
            $frame->text('half way', $frame->middle, $frame->ground - $frame->radius - 9, 'middle').
            $frame->text('due today', $right, $frame->ground - 10).
            ($alone && self::of($points, Nearness::InHand) !== []
                ? $frame->text('in hand', $frame->rowFrom(), $frame->ground - 22)
                : '').
            ($alone && self::of($points, null) !== []
                ? $frame->text('without a schedule', $frame->rowFrom(), $frame->ground + 27)
                : '').
            (self::of($points, Nearness::Late) !== [] ? $frame->text('late', $right, $frame->ground + 22) : '');
    }
}
