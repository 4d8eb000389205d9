<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/**
 * The chart of a counter: totals over a year, what was replaced or struck out, and where its rate leads, as places on
 * a drawing.
 */
final readonly class MeterChart
{
    public const WIDTH = 760;

    public const HEIGHT = 250;

    private const LEFT = 64;

    private const RIGHT = 14;

    private const TOP = 16;

    private const BOTTOM = 26;

    /**
     * @param  list<array{x: float, y: float, label: string, turn: string}>  $points
     * @param  list<array{x: float, label: string}>  $months
     * @param  list<array{y: float, label: string}>  $levels
     * @param list<array{y: float, x: float|null, early: float|null, late: float|null, label: string,
     *     href: string}> $goals
     * @param  list<float>  $struck where a struck reading was taken
     */
    private function __construct(
        public array $points,
        public array $months,
        public array $levels,
        public array $goals,
        public array $struck,
        public float $today,
        public string $line,
    ) {
    }

    /**
     * @param  list<array{day: LocalDate, total: string|null, shown: string, turn: string, struck: bool}>  $readings
     * @param list<array{label: string, href: string, total: int, expected: LocalDate|null,
     *     early: LocalDate|null, late: LocalDate|null, reached: bool, state: string}> $goals
     */
    public static function of(Meter $meter, array $readings, array $goals, LocalDate $today): ?self
    {
        $from = $today->plusDays(-365);
        $readings = array_values(
            array_filter($readings, static fn (array $point): bool => ! $point['day']->isBefore($from)),
        );
        $standing = array_values(array_filter($readings, static fn (array $point): bool => $point['total'] !== null));
        if (count($standing) < 2) {
            return null;
        }
        $from = $standing[0]['day'];
        $to = array_reduce(
            $goals,
            static fn (LocalDate $last, array $goal): LocalDate => LocalDate::later(
                $last,
                LocalDate::earlier($goal['late'] ?? ($goal['expected'] ?? $last), $today->plusDays(240)),
            ),
            $today->plusDays(30),
        );
        $totals = array_map(static fn (array $point): int => Quantity::parse((string) $point['total']), $standing);
        $limits = array_filter(
            [$meter->low_limit, $meter->high_limit],
            static fn (?string $limit): bool => $limit !== null,
        );
        $limits = array_map(static fn (string $limit): int => Quantity::parse($limit), array_values($limits));
        $most = max([...$totals, ...$limits, ...array_column($goals, 'total')]);
        [$least, $most] = [min([...$totals, ...$limits]), max($most, min($totals) + ($meter->isGauge() ? 1 : 1000))];
        $x = static fn (LocalDate $day): float => round(
            self::LEFT +
                ((self::WIDTH - self::LEFT - self::RIGHT) * $from->daysUntil($day)) / max(1, $from->daysUntil($to)),
            1,
        );
        $y = static fn (int $total): float => round(
            self::HEIGHT -
                self::BOTTOM -
                ((self::HEIGHT - self::TOP - self::BOTTOM) * ($total - $least)) / ($most - $least),
            1,
        );
        $points = [];
        foreach ($standing as $i => $point) {
            $points[] = [
                'x' => $x($point['day']),
                'y' => $y($totals[$i]),
                'turn' => $point['turn'],
                'label' => "{$point['day']}: {$meter->text($point['shown'])}".
                    ($point['turn'] === 'read' ? '' : ", {$point['turn']}"),
            ];
        }
        $last = $points[count($points) - 1];
        $drawn = array_map(
            static fn (array $goal): array => [
                'y' => $y($goal['total']),
                'x' => $goal['expected'] === null
                        ? null
                        : min((float) self::WIDTH - self::RIGHT, max($last['x'], $x($goal['expected']))),
                'early' => $goal['early'] === null ? null : max($last['x'], $x($goal['early'])),
                'late' => $goal['late'] === null ? null : min((float) self::WIDTH - self::RIGHT, $x($goal['late'])),
                'label' => $goal['label'],
                'href' => $goal['href'],
            ],
            $goals,
        );

        $drawn = [
            ...$drawn,
            ...array_map(
                static fn (int $limit): array => [
                    'y' => $y($limit),
                    'x' => null,
                    'early' => null,
                    'late' => null,
                    'label' => 'limit '.Quantity::text($limit, $meter->decimals),
                    'href' => "/meters/{$meter->id}",
                ],
                $limits,
            ),
        ];

        return new self(
            $points,
            self::months($from, $to, $x),
            self::levels($meter, $least, $most, $y),
            $drawn,
            array_values(
                array_map(
                    static fn (array $point): float => $x($point['day']),
                    array_filter($readings, static fn (array $point): bool => $point['struck']),
                ),
            ),
            $x($today),
            implode(' ', array_map(static fn (array $point): string => "{$point['x']},{$point['y']}", $points)),
        );
    }

    /** @param  callable(LocalDate): float  $x
     * @return list<array{x: float, label: string}> */
    private static function months(LocalDate $from, LocalDate $to, callable $x): array
    {
        $months = [];
        $step = $from->daysUntil($to) > 250 ? 2 : 1;
        for (
            $month = $from->firstOfMonth()->plusMonthsClamped(1);
            ! $month->isAfter($to);
            $month = $month->plusMonthsClamped($step)
        ) {
            $months[] = [
                'x' => $x($month),
                'label' => $month->monthInWords().($month->month <= $step ? " {$month->year}" : ''),
            ];
        }

        return $months;
    }

    /** @param  callable(int): float  $y
     * @return list<array{y: float, label: string}> round totals, at most five */
    private static function levels(Meter $meter, int $least, int $most, callable $y): array
    {
        $step = 10 ** max($meter->isGauge() ? 2 : 3, strlen((string) intdiv($most - $least, 5)) - 1);
        foreach ([1, 2, 5, 10] as $times) {
            if (intdiv($most - $least, $step * $times) <= 5) {
                $step *= $times;
                break;
            }
        }
        $levels = [];
        for ($level = intdiv($least + $step - 1, $step) * $step; $level <= $most; $level += $step) {
            $levels[] = ['y' => $y($level), 'label' => Quantity::text($level, $step % 1000 === 0 ? 0 : 1)];
        }

        return $levels;
    }

    public function width(): int
    {
        return self::WIDTH;
    }

    public function height(): int
    {
        return self::HEIGHT;
    }
}
