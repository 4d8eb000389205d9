<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/**
 * One asset in the sky, or many that stand together: how far the most urgent visit has come, and what is said of it.
 */
final readonly class SkyPoint
{
    /**
     * @param  Nearness|null  $nearness  null: without a schedule
     * @param  int  $consumed  share of the interval that has passed, in thousandths
     * @param  string  $label  tag, name and standing
     * @param  string  $short  name and standing, for the few that are named in the picture
     * @param  int  $many  how many stand there
     */
    public function __construct(
        public ?Nearness $nearness,
        public int $consumed,
        public string $label,
        public string $short,
        public string $href,
        public int $many = 1,
    ) {
    }

    public function dot(float $x, float $y, float $size): string
    {
        return $this->link("<circle class=\"sky-{$this->kind()}\" cx=\"{$x}\" cy=\"{$y}\" r=\"{$size}\"/>");
    }

    /** A post on the line, as an order in hand stands there. */
    public function post(SkyFrame $frame, float $x): string
    {
        $high = $frame->isLarge() ? 18 : 9;
        $wide = $frame->isLarge() ? 5.5 : 2.9;

        return $this->link("<path class=\"sky-post\" d=\"M{$x},{$frame->ground} v-{$high} l{$wide},{$high} z\"/>");
    }

    /** A stroke beneath the line, of what has no schedule. */
    public function dash(float $x, float $y, float $wide): string
    {
        return $this->link("<path class=\"sky-none\" d=\"M{$x},{$y} h{$wide}\"/>");
    }

    /** The index beside the picture leads by keyboard to the same; here, a pointer does. */
    public function link(string $mark): string
    {
        $label = e($this->label);

        return '<a href="'.e($this->href)."\" tabindex=\"-1\" aria-label=\"{$label}\">".
            "<title>{$label}</title>{$mark}</a>";
    }

    public function kind(): string
    {
        return str_replace(' ', '-', $this->nearness->value ?? 'none');
    }
}
