<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use Sundial\Calendar\LocalDate;

/** The visits of a year from today as points on a line: its months, and each level of a ladder a little higher. */
final readonly class YearDrawing
{
    private const WIDTH = 240;

    private const LEFT = 2;

    private const LINE = 22;

    /**
     * @param  list<array{x: float, letter: string}>  $months
     * @param  list<array{x: float, y: int}>  $points
     */
    private function __construct(public array $months, public array $points, public float $radius)
    {
    }

    /**
     * @param  list<LocalDate>  $days  of the visits
     * @param  list<string>  $levels  of each of them; empty without a ladder
     */
    public static function of(LocalDate $today, array $days, array $levels): self
    {
        $x = static fn (LocalDate $day): float => self::LEFT + (self::WIDTH * $today->daysUntil($day)) / 365;
        $months = [];
        for ($i = 0; $i < 12; $i++) {
            $in = $today->plusMonthsClamped($i);
            $first = $in->plusDays(1 - $in->day);
            if (! $first->isBefore($today)) {
                $letter = substr($first->monthInWords(), 0, 1);
                $months[] = ['x' => round($x($first), 1), 'letter' => $letter];
            }
        }
        $heights = array_flip(array_values(array_unique($levels)));
        $points = [];
        foreach ($days as $i => $day) {
            $points[] = [
                'x' => round($x(LocalDate::later($day, $today)), 1),
                'y' => self::LINE - 4 * min(3, $heights[$levels[$i] ?? ''] ?? 0),
            ];
        }

        return new self($months, $points, count($days) > 60 ? 1.6 : 3.4);
    }
}
