<?php

declare(strict_types=1);

namespace App\Platform\Documents;

/** What was drawn on a photo, as an SVG layer of the photo's own size. */
final readonly class MarksDrawing
{
    /** @param  list<array{tool: string, points: list<array{int, int}>, text: string}>  $marks */
    public static function svg(array $marks, int $width, int $height, bool $alone = false): string
    {
        $unit = max($width, $height) / 1000;
        $svg = '';
        foreach ($marks as $mark) {
            $points = array_map(
                static fn (array $point): array => [
                    round(($point[0] * $width) / 1000, 1),
                    round(($point[1] * $height) / 1000, 1),
                ],
                $mark['points'],
            );
            $shape = match ($mark['tool']) {
                'arrow' => self::arrow($points, 26 * $unit),
                'ring' => sprintf(
                    '<ellipse cx="%s" cy="%s" rx="%s" ry="%s"/>',
                    ($points[0][0] + $points[1][0]) / 2,
                    ($points[0][1] + $points[1][1]) / 2,
                    abs($points[1][0] - $points[0][0]) / 2,
                    abs($points[1][1] - $points[0][1]) / 2,
                ),
                'line' => '<polyline points="'.
                    implode(' ', array_map(static fn (array $point): string => "{$point[0]},{$point[1]}", $points)).
                    '"/>',
                default => '<text x="'.
                    $points[0][0].
                    '" y="'.
                    $points[0][1].
                    '" font-size="'.
                    round(30 * $unit, 1).
                    '">'.
                    htmlspecialchars($mark['text']).
                    '</text>',
            };
            // Twice: a light edge below keeps it visible on any ground.
            $svg .=
                '<g class="edge" stroke-width="'.
                round(9 * $unit, 1).
                '">'.
                $shape.
                '</g><g class="mark" stroke-width="'.
                round(4.5 * $unit, 1).
                '">'.
                $shape.
                '</g>';
        }
        $style = $alone
            ? '<style>.edge{stroke:#fff;fill:none;stroke-linecap:round;stroke-linejoin:round}'.
                '.mark{stroke:#B3261E;fill:none;stroke-linecap:round;stroke-linejoin:round}'.
                '.mark text{fill:#B3261E;stroke:none}'.
                'text{font-family:sans-serif;font-weight:700;paint-order:stroke}</style>'
            : '';

        return '<svg xmlns="http://www.w3.org/2000/svg" class="marks" viewBox="0 0 '.
            $width.
            ' '.
            $height.
            '" aria-hidden="true">'.
            $style.
            $svg.
            '</svg>';
    }

    /** @param  list<array{float, float}>  $points */
    private static function arrow(array $points, float $head): string
    {
        [[$x1, $y1], [$x2, $y2]] = $points;
        $angle = atan2($y2 - $y1, $x2 - $x1);
        $wing = static fn (float $turn): string => round($x2 - $head * cos($angle + $turn), 1).
            ','.
            round($y2 - $head * sin($angle + $turn), 1);

        return "<polyline points=\"{$x1},{$y1} {$x2},{$y2}\"/><polyline points=\"{$wing(0.45)} {$x2},{$y2} ".
            "{$wing(-0.45)}\"/>";
    }
}
