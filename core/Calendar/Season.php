<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Sundial\Support\InvalidInput;

/** The months of the year in which a schedule is active. */
final readonly class Season
{
    /** @param  list<int>  $months */
    private function __construct(public array $months)
    {
    }

    /** All twelve months. */
    public static function wholeYear(): self
    {
        return new self(range(1, 12));
    }

    /**
     * @param  list<int>  $months  1 to 12, at least one
     *
     * @throws InvalidInput when no month is left, or one is no month
     */
    public static function months(array $months): self
    {
        if ($months === []) {
            throw InvalidInput::nothingLeft(
                'months',
                'Choose at least one month; a schedule with no month never falls due.',
            );
        }
        foreach ($months as $month) {
            if ($month < 1 || $month > 12) {
                throw InvalidInput::outside('months', $month, 1, 12);
            }
        }
        $sorted = array_values(array_unique($months));
        sort($sorted);

        return new self($sorted);
    }

    /** Whether the day lies in an active month. */
    public function holds(LocalDate $day): bool
    {
        return in_array($day->month, $this->months, true);
    }

    /** The day itself in an active month, else the first day of the next active one. */
    public function onward(LocalDate $day): LocalDate
    {
        while (! $this->holds($day)) {
            $day = $day->firstOfMonth()->plusMonthsClamped(1);
        }

        return $day;
    }
}
