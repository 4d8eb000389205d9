<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;

/** Hours by trade and stretch of time as fields of a drawing: the darker, the more; hatched, where nobody is left. */
final readonly class HeatMap
{
    private const LEFT = 130;

    private const ROW = 30;

    /**
     * @param  list<array{x: int, says: string}>  $axis
     * @param  list<array{trade: string, y: int, sum: string, fields: list<array<string, mixed>>}>  $rows
     * @param  list<array{from: LocalDate, visits: int, expected: int, says: list<string>}>  $table  by stretch
     * @param  list<array{href: string, says: string, of: string}>  $over  where there is more work than hours
     */
    private function __construct(
        public string $by,
        public int $width,
        public int $height,
        public int $cell,
        public string $most,
        public bool $knowsCapacity,
        public array $axis,
        public array $rows,
        public array $table,
        public array $over,
        public int $exceeded,
    ) {
    }

    /**
     * @param  array{stretches: list<LocalDate>, trades: array<string, list<int>>, visits: list<int>,
     *     expected: list<int>}  $hours  minutes
     * @param  array<string, list<int>>  $capacity  minutes that the people of each trade have
     * @param  list<array{string, int, int, int}>  $over  trade, stretch, minutes of work, minutes that there are
     * @param  callable(LocalDate): string  $from  the address of the visits from a day on
     */
    public static function of(
        Wording $words,
        string $by,
        array $hours,
        array $capacity,
        array $over,
        callable $from,
    ): self {
        $count = count($hours['stretches']);
        $cell = min(64, intdiv(840, max(1, $count)));
        $most = max([1, ...array_map(static fn (array $line): int => max([0, ...$line]), $hours['trades'])]);
        $rows = [];
        $exceeds = array_flip(array_map(static fn (array $one): string => "{$one[0]} {$one[1]}", $over));
        foreach ($hours['trades'] as $trade => $line) {
            $y = 22 + self::ROW * count($rows);
            $fields = [];
            foreach ($line as $i => $minutes) {
                $day = $hours['stretches'][$i];
                $can = isset($capacity[$trade]) ? " of {$words->minutes($capacity[$trade][$i])}" : '';
                $fields[] = [
                    'x' => self::LEFT + $cell * $i,
                    'href' => $from($day),
                    'opacity' => $minutes === 0 ? 0.03 : round(0.12 + (0.68 * $minutes) / $most, 2),
                    'over' => isset($exceeds["{$trade} {$i}"]),
                    'title' => "{$trade}, {$by} of {$words->day($day)}: {$words->minutes($minutes)}{$can}",
                    'value' => $minutes > 0 && $cell >= 32 ? round($minutes / 60, $cell >= 44 ? 1 : 0) : null,
                    'dark' => $minutes > 0.62 * $most,
                ];
            }
            $rows[] = ['trade' => $trade, 'y' => $y, 'sum' => $words->hours(array_sum($line)), 'fields' => $fields];
        }

        return new self(
            $by,
            self::LEFT + $cell * $count + 84,
            24 + self::ROW * count($rows),
            $cell,
            $words->hours($most),
            $capacity !== [],
            self::axis($words, $by, $hours['stretches'], $cell),
            $rows,
            self::table($words, $hours, $capacity, $exceeds),
            array_map(
                static fn (array $one): array => [
                    'href' => $from($hours['stretches'][$one[1]]),
                    'says' => "{$one[0]}, {$words->day($hours['stretches'][$one[1]])}",
                    'of' => "({$words->hours($one[2])} of {$words->hours($one[3])})",
                ],
                array_slice($over, 0, 6),
            ),
            count($over),
        );
    }

    /** @param  list<LocalDate>  $stretches
     * @return list<array{x: int, says: string}> */
    private static function axis(Wording $words, string $by, array $stretches, int $cell): array
    {
        $axis = [];
        foreach ($stretches as $i => $day) {
            if ($cell >= 40 || $i % (int) ceil(44 / max(1, $cell)) === 0) {
                $axis[] = [
                    'x' => self::LEFT + $cell * $i + 2,
                    'says' => match (true) {
                        $by === 'week' => $words->day($day),
                        $day->month === 1 && $i > 0 => (string) $day->year,
                        default => $day->monthInWords(),
                    },
                ];
            }
        }

        return $axis;
    }

    /**
     * @param  array{stretches: list<LocalDate>, trades: array<string, list<int>>, visits: list<int>,
     *     expected: list<int>}  $hours
     * @param  array<string, list<int>>  $capacity
     * @param  array<string, int>  $exceeds
     * @return list<array{from: LocalDate, visits: int, expected: int, says: list<string>}>
     */
    private static function table(Wording $words, array $hours, array $capacity, array $exceeds): array
    {
        $table = [];
        foreach ($hours['stretches'] as $i => $day) {
            $says = [];
            foreach ($hours['trades'] as $trade => $line) {
                $can = isset($capacity[$trade]) ? " of {$words->hours($capacity[$trade][$i])}" : '';
                $says[] = ($line[$i] > 0 ? $words->hours($line[$i]).$can : '').
                    (isset($exceeds["{$trade} {$i}"]) ? ', over' : '');
            }
            $table[] = [
                'from' => $day,
                'visits' => $hours['visits'][$i],
                'expected' => $hours['expected'][$i],
                'says' => $says,
            ];
        }

        return $table;
    }

    /** @return list<string> */
    public function trades(): array
    {
        return array_column($this->rows, 'trade');
    }
}
