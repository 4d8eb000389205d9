<?php

declare(strict_types=1);

namespace Sundial\Planning\Levelling;

/** What a number of visits ask for within a year: how many, the minutes of each trade, and what these cost. */
final readonly class YearLoad
{
    /** @param  array<string, int>  $minutes  by trade */
    private function __construct(public int $visits, public array $minutes, public int $cents)
    {
    }

    public static function none(): self
    {
        return new self(0, [], 0);
    }

    /**
     * With one more visit.
     *
     * @param  array<string, int>  $minutes  that it needs of each trade
     * @param  int  $cents  what they cost
     */
    public function plus(array $minutes, int $cents): self
    {
        $all = $this->minutes;
        foreach ($minutes as $trade => $much) {
            $all[$trade] = ($all[$trade] ?? 0) + $much;
        }

        return new self($this->visits + 1, $all, $this->cents + $cents);
    }

    /** All of it so many times: as many assets more. */
    public function times(int $many): self
    {
        return new self(
            $this->visits * $many,
            array_map(static fn (int $minutes): int => $minutes * $many, $this->minutes),
            $this->cents * $many,
        );
    }

    public function and(self $other): self
    {
        $all = $this->minutes;
        foreach ($other->minutes as $trade => $much) {
            $all[$trade] = ($all[$trade] ?? 0) + $much;
        }

        return new self($this->visits + $other->visits, $all, $this->cents + $other->cents);
    }

    public function work(): int
    {
        return array_sum($this->minutes);
    }
}
