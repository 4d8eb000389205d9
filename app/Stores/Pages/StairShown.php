<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Support\Quantity;

/** What is free of a part from day to day, as it is drawn: a stair above and below the ground, with what moves it. */
final readonly class StairShown
{
    public const WIDTH = 712;

    public const HEIGHT = 236;

    public const LEFT = 56;

    private const RIGHT = 700;

    private const TOP = 34;

    private const FOOT = 204;

    private const MOST_BARS = 60;

    /**
     * @param  list<array{x: float, y: float, height: float}>  $demands
     * @param  list<array{x: float, from: float, to: float, label: string}>  $receipts
     * @param  list<array{x: float, label: string}>  $ticks
     * @param  list<array{x: float, width: float}>  $nights  while it is short
     * @param  array{x: float, label: string, anchor: string}|null  $short
     * @param  array{y: float, label: string}|null  $point
     */
    private function __construct(
        public string $path,
        public float $ground,
        public array $demands,
        public array $receipts,
        public array $ticks,
        public array $nights,
        public ?array $short,
        public ?array $point,
        public string $now,
        public float $nowY,
        public string $says,
    ) {
    }

    /**
     * @param  list<array{LocalDate, int}>  $demands
     * @param  list<array{LocalDate, int, string}>  $receipts  the third says from where
     */
    public static function of(
        FreeStair $stair,
        array $demands,
        array $receipts,
        ?int $point,
        LocalDate $until,
        Wording $words,
    ): self {
        $steps = $stair->steps();
        $today = $steps[0][0];
        $free = array_column($steps, 1);
        $high = max(1000, $point ?? 0, ...$free);
        $low = min(0, ...$free);
        $days = max(1, $today->daysUntil($until));
        $x = static fn (LocalDate $day): float => round(
            60 + (self::RIGHT - 60) * min($days, max(0, $today->daysUntil($day))) / $days,
            1,
        );
        // What is taken is drawn beneath the ground; a little room is left for it where nothing is short.
        $span = max($high - $low, (int) ($high * 1.25));
        $y = static fn (int $many): float => round(
            self::TOP + (self::FOOT - self::TOP) * ($high - $many) / $span,
            1,
        );

        return new self(
            self::stair($steps, $x, $y),
            $y(0),
            self::bars($demands, $x, $y, $high),
            self::arrows($receipts, $stair, $x, $y, $words),
            self::ticks($today, $days, $x, $words),
            self::nights($steps, $x),
            self::short($stair, $x, $words),
            $point === null ? null : ['y' => $y($point), 'label' => 'reorder point '.Quantity::words($point)],
            Quantity::words($free[0]),
            $y($free[0]),
            self::says($stair, $words),
        );
    }

    /** @param  list<array{LocalDate, int}>  $steps */
    private static function stair(array $steps, callable $x, callable $y): string
    {
        $path = "M{$x($steps[0][0])} {$y($steps[0][1])}";
        foreach (array_slice($steps, 1) as [$day, $free]) {
            $path .= "H{$x($day)}V{$y($free)}";
        }

        return $path.'H'.self::RIGHT;
    }

    /**
     * @param  list<array{LocalDate, int}>  $demands
     * @return list<array{x: float, y: float, height: float}>
     */
    private static function bars(array $demands, callable $x, callable $y, int $high): array
    {
        $by = [];
        foreach ($demands as [$day, $many]) {
            $by[(string) $x($day)] = ($by[(string) $x($day)] ?? 0) + $many;
        }
        $bars = [];
        foreach (array_slice($by, 0, self::MOST_BARS, true) as $at => $many) {
            $bars[] = [
                'x' => (float) $at - 4,
                'y' => $y(0) + 5,
                'height' => min(30.0, max(5.0, round($y(0) - $y(min($many, $high)), 1) / 2)),
            ];
        }

        return $bars;
    }

    /**
     * @param  list<array{LocalDate, int, string}>  $receipts
     * @return list<array{x: float, from: float, to: float, label: string}>
     */
    private static function arrows(array $receipts, FreeStair $stair, callable $x, callable $y, Wording $words): array
    {
        $arrows = [];
        foreach ($receipts as [$day, $many, $from]) {
            $after = 0;
            foreach ($stair->steps() as [$on, $free]) {
                $after = $on->epochDay <= $day->epochDay ? $free : $after;
            }
            $arrows[] = [
                'x' => $x($day),
                'from' => $y(0) - 2,
                'to' => min($y(0) - 14, $y($after) + 4),
                'label' => Quantity::words($many)." from {$from}, {$words->weekday($day)}",
            ];
        }

        return $arrows;
    }

    /** @return list<array{x: float, label: string}> */
    private static function ticks(LocalDate $today, int $days, callable $x, Wording $words): array
    {
        $ticks = [];
        for ($day = 0; $day < $days - 5; $day += max(7, intdiv($days, 42) * 7)) {
            $ticks[] = ['x' => $x($today->plusDays($day)), 'label' => $words->day($today->plusDays($day))];
        }

        return $ticks;
    }

    /**
     * @param  list<array{LocalDate, int}>  $steps
     * @return list<array{x: float, width: float}>
     */
    private static function nights(array $steps, callable $x): array
    {
        $nights = [];
        foreach ($steps as $i => [$day, $free]) {
            $end = isset($steps[$i + 1]) ? $x($steps[$i + 1][0]) : (float) self::RIGHT;
            if ($free < 0) {
                $nights[] = ['x' => $x($day), 'width' => $end - $x($day)];
            }
        }

        return $nights;
    }

    /** @return array{x: float, label: string, anchor: string}|null */
    private static function short(FreeStair $stair, callable $x, Wording $words): ?array
    {
        $from = $stair->shortFrom();
        if ($from === null) {
            return null;
        }
        $then = $stair->mostMissing() === $stair->firstMissing()
            ? ''
            : ', then '.Quantity::words($stair->mostMissing());

        return [
            'x' => $x($from),
            'label' => "short from {$words->day($from)}: ".Quantity::words($stair->firstMissing())." missing{$then}",
            'anchor' => $x($from) > 420 ? 'end' : 'start',
        ];
    }

    private static function says(FreeStair $stair, Wording $words): string
    {
        $from = $stair->shortFrom();

        return $from === null
            ? 'There is enough for all that is to come: '.Quantity::words($stair->last()).' are free at the end.'
            : "It runs short on {$words->day($from)}, with ".Quantity::words($stair->firstMissing()).' missing.';
    }
}
