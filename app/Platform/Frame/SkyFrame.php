<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** The room in which a sky is drawn: its size, the line of the horizon, the arc over it, and the night below. */
final readonly class SkyFrame
{
    private function __construct(
        public int $width,
        public int $height,
        public float $middle,
        public float $ground,
        public float $radius,
        public float $dot,
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

    public function isLarge(): bool
    {
        return $this->width > 400;
    }

    /** Where the row of what stands on the line, and of what has no schedule, begins. */
    public function rowFrom(): float
    {
        return $this->middle - 0.72 * $this->radius;
    }

    /** @return array{float, float} where a share of the interval stands on a circle around the middle */
    public function at(float $share, float $radius): array
    {
        return [
            round($this->middle - $radius * cos(M_PI * $share), 1),
            round($this->ground - $radius * sin(M_PI * $share), 1),
        ];
    }

    /** The night and the arc, on which all else is drawn. */
    public function behind(): string
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

    public function line(): string
    {
        return "<path class=\"sky-line\" d=\"M4,{$this->ground} H".($this->width - 4).'"/>';
    }

    public function text(string $text, float $x, float $y, string $anchor = 'start'): string
    {
        return "<text class=\"sky-text\" x=\"{$x}\" y=\"{$y}\" text-anchor=\"{$anchor}\">{$text}</text>";
    }
}
