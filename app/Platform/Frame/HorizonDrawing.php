<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Calendar\LocalDate;

/** Draws the marks of a horizon as SVG: plain PHP, because it stands on every page with up to two hundred marks. */
final readonly class HorizonDrawing
{
    private const HEIGHT = 84;

    public function __construct(private Horizon $horizon)
    {
    }

    public function svg(): string
    {
        $now = $this->horizon->x($this->horizon->today);
        $svg =
            '<svg viewBox="0 0 '.
            Horizon::WIDTH.
            ' '.
            self::HEIGHT.
            '"'.
            ($this->horizon->placed === [] ? ' aria-hidden="true"' : ' role="list"').
            ' data-day="'.
            $this->horizon->dayWidth().
            '"><rect class="past" x="0" y="0" width="'.
            $now.
            '" height="84"/>';
        foreach ($this->horizon->ticks() as $tick) {
            $x = $this->horizon->x($tick);
            $svg .= "<line class=\"week\" x1=\"{$x}\" y1=\"18\" x2=\"{$x}\" y2=\"84\"/>";
            if (abs($x - $now) > 52 && $x < Horizon::WIDTH - 48) {
                $svg .=
                    '<text class="axis" x="'.
                    ($x + 4).
                    '" y="13">'.
                    ($this->horizon->span === HorizonSpan::Week ? $this->weekday($tick) : $this->day($tick)).
                    '</text>';
            }
        }
        $svg .=
            "<line class=\"now\" x1=\"{$now}\" y1=\"0\" x2=\"{$now}\" y2=\"84\"/><text class=\"today\" x=\"".
            ($now + 4).
            '" y="13">today</text>';
        foreach ($this->horizon->placed as $item) {
            $svg .= $this->mark(
                $item['mark'],
                $item['x'],
                $item['width'],
                $item['y'],
                $item['label'],
                $item['early'],
                $item['late'],
            );
        }

        return $svg.'</svg>';
    }

    private function mark(
        HorizonMark $mark,
        float $x,
        float $width,
        int $y,
        string $label,
        ?float $early,
        ?float $late,
    ): string {
        $class = str_replace(' ', '-', $mark->state);
        $said = htmlspecialchars(
            $mark->label.
                ', '.
                ($mark->early === null ? '' : 'about ').
                $this->weekday($mark->from).
                ($mark->early === null
                    ? ''
                    : ', between '.
                        $this->day($mark->early).
                        ' and '.
                        ($mark->late === null ? 'an open date' : $this->day($mark->late))),
        );
        $move =
            $mark->move === null
                ? ''
                : " data-move=\"{$mark->move['href']}\" data-version=\"{$mark->move['version']}\" ".
                    "data-from=\"{$mark->from}\"";
        $shape = match ($mark->shape) {
            'bar' => "<rect class=\"bar {$class}\" x=\"{$x}\" y=\"".
                ($y - 9).
                "\" width=\"{$width}\" height=\"13\" rx=\"2\"/>",
            'bundle' => "<path class=\"bundle {$class}\" d=\"M".
                ($x - 6).
                ','.
                ($y + 3).
                ' h12 v-5 h-12 z m2,-7 h8 m-6,-3 h4"/>',
            default => ($early === null
                ? ''
                : "<line class=\"span\" x1=\"{$early}\" y1=\"".
                    ($y - 3).
                    '" x2="'.
                    ($late ?? Horizon::WIDTH).
                    '" y2="'.
                    ($y - 3).
                    '"/>').
                "<circle class=\"point {$class}\" cx=\"{$x}\" cy=\"".
                ($y - 3).
                '" r="5.5"/>',
        };
        $text =
            $label === '' && $mark->move === null
                ? ''
                : '<text class="label" x="'.
                    ($x + ($mark->shape === 'bar' ? $width + 4 : 10)).
                    '" y="'.
                    ($y + 1.5).
                    '">'.
                    htmlspecialchars($label).
                    '</text>';

        if ($mark->href === null) {
            return "<g role=\"listitem\" aria-label=\"{$said}\"><title>{$said}</title>{$shape}{$text}</g>";
        }

        return '<a href="'.
            htmlspecialchars($mark->href).
            "\" role=\"listitem\" aria-label=\"{$said}".
            ($mark->move === null ? '' : '. Arrow keys move it, Enter keeps the day').
            "\"{$move}><title>{$said}</title>{$shape}{$text}</a>";
    }

    private function day(LocalDate $day): string
    {
        return Wording::dayFrom($this->horizon->today, $day);
    }

    private function weekday(LocalDate $day): string
    {
        return Wording::WEEKDAYS[$day->weekday()].' '.$this->day($day);
    }
}
