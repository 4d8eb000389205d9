<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * The readings of a counter unrolled into totals that never fall.
 *
 * A rollover adds the value at which the counter shows 0 again; after a replacement, total = old final total +
 * reading - the new meter's
 * first reading. The first reading is its own total.
 */
final readonly class Totals
{
    /** Days that lie at least between two readings that give a rate. */
    private const APART = 7;

    /** How far back the rates reach that say how sure an expected date is. Days. */
    public const YEAR = 365;

    /**
     * @param  list<CounterReading>  $readings by instant
     * @param  list<int>  $totals of the same readings, thousandths
     */
    private function __construct(private Counter $counter, public array $readings, public array $totals)
    {
    }

    /**
     * @param  list<CounterReading>  $readings in any order
     *
     * @throws InvalidInput when one falls below the reading before it without a rollover or replacement
     */
    public static function of(Counter $counter, array $readings): self
    {
        usort($readings, static fn (CounterReading $a, CounterReading $b): int => $a->at <=> $b->at);
        $totals = [];
        $total = 0;
        $before = null;
        foreach ($readings as $reading) {
            $total += self::rise($counter, $before, $reading);
            $before = $reading;
            $totals[] = $total;
        }

        return new self($counter, $readings, $totals);
    }

    /**
     * Some of the readings of a counter, with the totals that were worked out for them before. Those that were left
     * out have to lie beside, on its day, the first of that day or the last of all: then nothing that is asked here
     * comes out otherwise. What was shown is asked only of those beside which another is put.
     *
     * @param  list<CounterReading>  $readings by instant
     * @param  list<int>  $totals of the same readings, thousandths
     */
    public static function known(Counter $counter, array $readings, array $totals): self
    {
        return new self($counter, $readings, $totals);
    }

    /**
     * The same with one more reading, which was taken last.
     *
     * @throws InvalidInput when it falls below the reading before it without a rollover or replacement
     */
    public function with(CounterReading $reading): self
    {
        $count = count($this->readings);
        $total =
            ($this->totals[$count - 1] ?? 0) +
            self::rise($this->counter, $this->readings[$count - 1] ?? null, $reading);

        return new self($this->counter, [...$this->readings, $reading], [...$this->totals, $total]);
    }

    /**
     * By how much a reading stands above the one before it, and when that was; null where none lies before it.
     *
     * @return array{int, CounterReading}|null
     *
     * @throws InvalidInput when it, or the one behind it, would fall below the one before
     */
    public function fits(CounterReading $reading): ?array
    {
        $after = $this->firstAfter($reading->at);
        $before = $this->readings[$after - 1] ?? null;
        $rise = self::rise($this->counter, $before, $reading);
        if (isset($this->readings[$after])) {
            self::rise($this->counter, $reading, $this->readings[$after]);
        }

        return $before === null ? null : [$rise, $before];
    }

    /** By how much the total rises from one reading to the next. The first reading is its own total. */
    private static function rise(Counter $counter, ?CounterReading $before, CounterReading $reading): int
    {
        $shown = $before->shown ?? 0;
        $rise = match ($reading->turn) {
            Turn::Read => $reading->shown - $shown,
            Turn::RolledOver => ($counter->rollsOverAt ??
                throw InvalidInput::because(
                    'no_rollover',
                    'value',
                    'This counter has no value at which it shows 0 again. Say it on the meter first.',
                )) -
                $shown +
                $reading->shown,
            Turn::Replaced => $reading->oldFinal - $shown,
        };

        return $rise >= 0
            ? $rise
            : throw InvalidInput::because(
                'falls',
                'value',
                "The reading of {$reading->day->inWords()} would lie below the one before it.",
                (string) $reading->day,
            );
    }

    /** Whether there is no reading. */
    public function isEmpty(): bool
    {
        return $this->readings === [];
    }

    /**
     * The total at an instant: at a reading exactly; between two by interpolation; after the last, last total + rate
     * x days; before the first, the first.
     */
    public function at(int $instant, LocalDate $day, ?Rate $rate): ?int
    {
        $after = $this->firstAfter($instant);
        [$last, $lastTotal] = [$this->readings[$after - 1] ?? null, $this->totals[$after - 1] ?? 0];
        [$next, $nextTotal] = [$this->readings[$after] ?? null, $this->totals[$after] ?? null];
        if ($last === null) {
            return $nextTotal;
        }
        if ($next === null || $nextTotal === null) {
            return $lastTotal + ($rate?->over(max(0, $last->day->daysUntil($day))) ?? 0);
        }

        return $lastTotal +
            Rounding::divideHalfAwayFromZero(($nextTotal - $lastTotal) * ($instant - $last->at), $next->at - $last->at);
    }

    /** The day of the first reading that had come to this total; null while none has. */
    public function dayReached(int $total): ?LocalDate
    {
        [$low, $high] = [0, count($this->totals)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->totals[$middle] >= $total ? ($high = $middle) : ($low = $middle + 1);
        }

        return isset($this->readings[$low]) ? $this->readings[$low]->day : null;
    }

    /**
     * How it stands on a day: the last total, the rate over the window up to that day, and how sure what follows from
     * it is. Null without a reading.
     */
    public function standing(LocalDate $today): ?CounterStanding
    {
        $last = $this->readings[count($this->readings) - 1] ?? null;
        if ($last === null) {
            return null;
        }
        $rates = $this->rates($last->at, $today);
        $sure = count($rates) >= 4;
        [$rate, $from, $since] = $this->rate($today);

        return CounterStanding::of(
            $last->day,
            $this->totals[count($this->totals) - 1] ?? 0,
            $rate,
            $from,
            $sure ? Rate::percentile($rates, 9) : null,
            $sure ? Rate::percentile($rates, 1) : null,
            $since,
        );
    }

    /**
     * Rates between readings at least seven days apart, up to an instant.
     *
     * @return list<Rate>
     */
    public function rates(int $until, LocalDate $today): array
    {
        $rates = [];
        $from = null;
        foreach ($this->readings as $i => $reading) {
            if ($reading->at > $until || $reading->day->daysUntil($today) > self::YEAR) {
                continue;
            }
            if ($from !== null && $from[0]->daysUntil($reading->day) >= self::APART) {
                $rates[] = Rate::of(($this->totals[$i] ?? 0) - $from[1], $from[0]->daysUntil($reading->day));
                $from = null;
            }
            $from ??= [$reading->day, $this->totals[$i] ?? 0];
        }

        return $rates;
    }

    /** @return array{Rate|null, RateFrom, array{LocalDate, int}|null} the rate, and the reading from which it counts */
    private function rate(LocalDate $today): array
    {
        $first = $last = null;
        foreach ($this->readings as $i => $reading) {
            if ($reading->day->daysUntil($today) <= $this->counter->window && ! $reading->day->isAfter($today)) {
                $last = [$reading->day, $this->totals[$i] ?? 0];
                $first ??= $last;
            }
        }
        $days = $first === null || $last === null ? 0 : $first[0]->daysUntil($last[0]);

        return match (true) {
            $first !== null && $last !== null && $days >= self::APART => [
                Rate::of($last[1] - $first[1], $days),
                RateFrom::Readings,
                $first,
            ],
            $this->counter->expectedPerYear !== null => [
                Rate::perYear($this->counter->expectedPerYear),
                RateFrom::ExpectedUse,
                null,
            ],
            default => [null, RateFrom::Nothing, null],
        };
    }

    private function firstAfter(int $instant): int
    {
        [$low, $high] = [0, count($this->readings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->readings[$middle]->at > $instant ? ($high = $middle) : ($low = $middle + 1);
        }

        return $low;
    }
}
