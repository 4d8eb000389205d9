<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/** The dial as SVG: the arc of the sun over a horizon line. Plain PHP, because lists draw sixty of them. */
final class Dial
{
    /**
     * @param  int|null  $consumed  share of the interval that has passed, in thousandths
     * @param  int|null  $lead  where the release lead begins, in thousandths
     * @param  int|null  $other  the share of the trigger that does not lead
     */
    public static function svg(
        ?Nearness $nearness,
        ?int $consumed = null,
        ?int $lead = null,
        ?int $other = null,
        int $size = 26,
    ): string {
        $stroke = $size > 60 ? 5 : ($size > 30 ? 7 : 9);
        $svg = "<svg class=\"dial\" width=\"{$size}\" height=\"{$size}\" viewBox=\"0 0 100 100\" aria-hidden=\"true\">";
        $ground = '<line class="ground" x1="2" y1="56" x2="98" y2="56" stroke-width="'.$stroke * 0.45.'"/>';

        return $svg.
            ($nearness === null
                ? $ground
                : self::sky(
                    $nearness,
                    ($consumed ?? 0) / 1000,
                    $stroke,
                    $ground,
                    $size > 30 ? $lead : null,
                    $other,
                )).
            '</svg>';
    }

    private static function sky(
        Nearness $nearness,
        float $share,
        int $stroke,
        string $ground,
        ?int $lead,
        ?int $other,
    ): string {
        $share = min(2.0, $share);
        $kind = match ($nearness) {
            Nearness::Near, Nearness::Due, Nearness::Late => 'near',
            Nearness::InHand => 'hand',
            Nearness::Clear => 'clear',
        };
        [$x, $y] = self::at($share);
        [$ax, $ay] = self::at(min(1.0, $share));
        $svg = "<path class=\"track\" d=\"M12,56 A38,38 0 0 1 88,56\" stroke-width=\"{$stroke}\"/>";
        $svg .=
            $share > 0.005
                ? "<path class=\"arc-{$kind}\" d=\"M12,56 A38,38 0 0 1 {$ax},{$ay}\" stroke-width=\"{$stroke}\"/>"
                : '';
        $svg .= ($share > 1 ? "<path class=\"night\" d=\"M50,56 L88,56 A38,38 0 0 1 {$x},{$y} Z\"/>" : '').$ground;
        if ($lead !== null && $lead > 0 && $lead < 1000) {
            [$lx, $ly] = [-cos((M_PI * $lead) / 1000), -sin((M_PI * $lead) / 1000)];
            $svg .= sprintf(
                '<line class="lead" x1="%s" y1="%s" x2="%s" y2="%s" stroke-width="2.5"/>',
                round(50 + 31 * $lx, 1),
                round(56 + 31 * $ly, 1),
                round(50 + 46 * $lx, 1),
                round(56 + 46 * $ly, 1),
            );
        }
        $svg .= $kind === 'hand' ? '<path class="gnomon" d="M41,56 L59,56 L50,30 Z"/>' : '';
        if ($other !== null) {
            [$ox, $oy] = self::at(min(2.0, $other / 1000));
            $svg .=
                "<circle class=\"sun-other\" cx=\"{$ox}\" cy=\"{$oy}\" r=\"".
                $stroke * 1.15.
                '" stroke-width="'.
                $stroke * 0.55.
                '"/>';
        }

        return $svg.
            '<circle class="'.
            ($share > 1 ? 'sun-late' : "sun-{$kind}").
            "\" cx=\"{$x}\" cy=\"{$y}\" r=\"".
            $stroke * 1.35.
            '"/>';
    }

    /** @return array{float, float} */
    private static function at(float $share): array
    {
        return [round(50 - 38 * cos(M_PI * $share), 1), round(56 - 38 * sin(M_PI * $share), 1)];
    }
}
