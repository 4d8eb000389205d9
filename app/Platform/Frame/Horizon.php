<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Extension\Extensions;
use App\Platform\Subject;
use Sundial\Calendar\LocalDate;

/** The band at the foot: where the marks of a record lie between a week ago and eight weeks ahead, in lanes that do not overlap. */
final readonly class Horizon
{
    public const WIDTH = 1204;

    private const LANES = [36, 54, 72];

    /** @param  list<array{mark: HorizonMark, x: float, width: float, y: int, label: string}>  $placed */
    private function __construct(public string $about, public LocalDate $from, public LocalDate $to, public LocalDate $today, public array $placed, public int $crowded)
    {
    }

    public static function of(Subject $subject, string $about, LocalDate $today): self
    {
        $from = $today->plusDays(-7);
        $to = $today->plusDays(56);
        $free = array_fill_keys(self::LANES, -1.0);
        $placed = [];
        $crowded = 0;
        foreach (app(Extensions::class)->marks($subject, $from, $to) as $mark) {
            $x = max(8.0, self::xOf($from, $to, $mark->from));
            $width = max(8.0, self::xOf($from, $to, $mark->to) - $x);
            $label = mb_strimwidth($mark->label, 0, 30, '…');
            $end = $x + $width + 10 + 6.6 * mb_strlen($label);
            $lane = array_key_first(array_filter($free, static fn (float $until): bool => $until < $x));
            if ($lane === null || $x > self::WIDTH - 10) {
                $crowded++;

                continue;
            }
            $free[$lane] = $end;
            $placed[] = ['mark' => $mark, 'x' => $x, 'width' => $width, 'y' => (int) $lane, 'label' => $end > self::WIDTH ? '' : $label];
        }

        return new self($about, $from, $to, $today, $placed, $crowded);
    }

    public function x(LocalDate $day): float
    {
        return self::xOf($this->from, $this->to, $day);
    }

    /** @return list<LocalDate> the Mondays that are written along the band */
    public function weeks(): array
    {
        $first = $this->from->plusDays((8 - $this->from->weekday()) % 7);

        return array_map(static fn (int $week): LocalDate => $first->plusDays(7 * $week), range(0, 8));
    }

    private static function xOf(LocalDate $from, LocalDate $to, LocalDate $day): float
    {
        return round(self::WIDTH * $from->daysUntil($day) / $from->daysUntil($to), 1);
    }
}
