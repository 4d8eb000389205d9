<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * A meter that only rises: where it starts again from 0, how much of its unit can pass in a day, and what use of it
 * is expected.
 */
final readonly class Counter
{
    private function __construct(
        public ?int $rollsOverAt,
        public ?int $mostPerDay,
        public ?int $expectedPerYear,
        public int $window,
        public int $decimals,
    ) {
    }

    /**
     * @param  int|null  $rollsOverAt  thousandths at which it shows 0 again
     * @param  int|null  $mostPerDay  thousandths; 24 000 for an hour meter
     * @param  int|null  $expectedPerYear  thousandths
     * @param  int  $window  days over which the rate is taken, 14 to 999
     * @param  int  $decimals  places that it shows, 0 to 3
     *
     * @throws InvalidInput
     */
    public static function of(
        ?int $rollsOverAt = null,
        ?int $mostPerDay = null,
        ?int $expectedPerYear = null,
        int $window = 90,
        int $decimals = 0,
    ): self {
        if ($rollsOverAt !== null && $rollsOverAt <= 0) {
            throw InvalidInput::because(
                'out_of_range',
                'rolls_over_at',
                'The value at which it shows 0 again must be above 0; leave it empty for a counter that never does.',
                $rollsOverAt,
            );
        }
        if ($expectedPerYear !== null && $expectedPerYear < 0) {
            throw InvalidInput::because(
                'out_of_range',
                'expected_per_year',
                'The expected use per year is 0 or more; leave it empty where none is known.',
                $expectedPerYear,
            );
        }
        foreach (
            ['window_days' => [$window, 14, 999], 'decimals' => [$decimals, 0, 3]] as $field => [$value, $least, $most]
        ) {
            if ($value < $least || $value > $most) {
                throw InvalidInput::outside($field, $value, $least, $most);
            }
        }

        return new self($rollsOverAt, $mostPerDay, $expectedPerYear, $window, $decimals);
    }

    /**
     * Lets pass what it can show.
     *
     * @param  int  $shown  thousandths
     *
     * @throws InvalidInput out_of_range
     */
    public function check(int $shown, string $field): void
    {
        if ($shown < 0) {
            throw InvalidInput::because(
                'out_of_range',
                $field,
                'A counter shows 0 or more. Check the sign.',
                $shown,
            );
        }
        if ($this->rollsOverAt !== null && $shown >= $this->rollsOverAt) {
            $most = Quantity::text($this->rollsOverAt, $this->decimals);
            throw InvalidInput::because(
                'out_of_range',
                $field,
                "This counter shows 0 again at {$most}, so it cannot show that. Check the digits, or what its ".
                'settings '.
                    'say.',
                $shown,
            );
        }
    }

    /**
     * What it will show at a total, counted from what it shows now; past a rollover it begins again from 0.
     *
     * @param  int  $total  thousandths
     * @param  int  $lastTotal  the total of the last reading
     * @param  int  $lastShown  what it showed then
     */
    public function showsAt(int $total, int $lastTotal, int $lastShown): int
    {
        $shown = $total - $lastTotal + $lastShown;

        return $this->rollsOverAt !== null && $shown >= $this->rollsOverAt ? $shown % $this->rollsOverAt : $shown;
    }

    /** The smallest step that it shows, in thousandths. */
    public function step(): int
    {
        return 10 ** (3 - $this->decimals);
    }
}
