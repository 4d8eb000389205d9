<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** What stands beside the fan of a crowded sky: late, in hand, without a schedule, each one mark with its number. */
final readonly class SkyCrowds
{
    /** How far from the left edge the post stands that is one for many. */
    private const POST = 8.0;

    public function __construct(private SkyFrame $frame)
    {
    }

    /**
     * @param  list<SkyPoint>  $late
     * @param  list<SkyPoint>  $inHand
     * @param  list<SkyPoint>  $without
     */
    public function svg(array $late, array $inHand, array $without): string
    {
        return $this->night($late).$this->posts($inHand).$this->beneath($without);
    }

    /** What is said in the night, to the left of a mark. */
    public static function late(string $text, float $x, float $y): string
    {
        return "<text class=\"sky-late-text\" x=\"{$x}\" y=\"{$y}\" text-anchor=\"end\">{$text}</text>";
    }

    /** @param  list<SkyPoint>  $points */
    private function night(array $points): string
    {
        if ($points === []) {
            return '';
        }
        $x = $this->frame->middle + $this->frame->radius - 2 * $this->frame->dot;
        $y = $this->frame->ground + 3 * $this->frame->dot;
        $number = Wording::number(self::many($points));

        return $points[0]->dot($x, $y, $this->frame->isLarge() ? 1.4 * $this->frame->dot : $this->frame->dot).
            ($this->frame->isLarge() ? self::late($number, $x - 14, $y + 4) : '');
    }

    /** @param  list<SkyPoint>  $points */
    private function posts(array $points): string
    {
        if ($points === []) {
            return '';
        }
        $number = Wording::number(self::many($points));

        return $points[0]->post($this->frame, self::POST).
            ($this->frame->isLarge()
                ? $this->frame->text("{$number} in hand", self::POST + 12, $this->frame->ground - 6)
                : '');
    }

    /** @param  list<SkyPoint>  $points */
    private function beneath(array $points): string
    {
        if ($points === []) {
            return '';
        }
        $y = $this->frame->ground + ($this->frame->isLarge() ? 11 : 7);
        $number = Wording::number(self::many($points));

        return $points[0]->dash(self::POST, $y, $this->frame->isLarge() ? 40.0 : 12.0).
            ($this->frame->isLarge()
                ? $this->frame->text("{$number} without a schedule", self::POST, $this->frame->ground + 29)
                : '');
    }

    /** @param  list<SkyPoint>  $points */
    private static function many(array $points): int
    {
        return array_sum(array_column($points, 'many'));
    }
}
