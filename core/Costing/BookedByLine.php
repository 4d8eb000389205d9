<?php

declare(strict_types=1);

namespace Sundial\Costing;

/**
 * What was booked, set against the lines that planned it. Hours name people and not lines: those of a trade fill the
 * lines of that trade in their order, each up to what it planned, and what is more stands on the last of them. Their
 * cost goes with the minutes, to the cent (largest remainder). Hours of a trade that nobody planned stand apart.
 */
final readonly class BookedByLine
{
    /**
     * @param  array<int, int>  $minutes  booked, by line
     * @param  array<int, int>  $cents  known cost, by line
     * @param  int  $restMinutes  of trades that no line plans
     * @param  int  $restCents  what those cost, as far as it is known
     */
    private function __construct(
        public array $minutes,
        public array $cents,
        public int $restMinutes,
        public int $restCents,
    ) {
    }

    /**
     * @param  array<int, array{int, int}>  $lines  trade and person-minutes, by line, in their order
     * @param  list<array{int|null, int, int|null}>  $booked  trade, minutes and cents of each booking
     */
    public static function of(array $lines, array $booked): self
    {
        $sums = [];
        foreach ($booked as [$trade, $minutes, $cents]) {
            $key = (int) $trade;
            $sums[$key] = [($sums[$key][0] ?? 0) + $minutes, ($sums[$key][1] ?? 0) + (int) $cents];
        }
        $of = [];
        $costs = [];
        foreach (array_unique(array_column($lines, 0)) as $trade) {
            $planned = array_map(
                static fn (array $line): int => $line[1],
                array_filter($lines, static fn (array $line): bool => $line[0] === $trade),
            );
            [$minutes, $cents] = $sums[$trade] ?? [0, 0];
            unset($sums[$trade]);
            $filled = self::fill($planned, $minutes);
            $of += $filled;
            $costs += array_combine(array_keys($filled), Allocation::of($cents, array_values($filled)));
        }

        return new self(
            $of,
            $costs,
            array_sum(array_column($sums, 0)),
            array_sum(array_column($sums, 1)),
        );
    }

    /**
     * @param  array<int, int>  $planned  by line
     * @return array<int, int>
     */
    private static function fill(array $planned, int $minutes): array
    {
        $last = array_key_last($planned);
        $filled = [];
        foreach ($planned as $line => $most) {
            $filled[$line] = $line === $last ? $minutes : min($minutes, $most);
            $minutes -= $filled[$line];
        }

        return $filled;
    }
}
