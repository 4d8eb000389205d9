<?php

declare(strict_types=1);

namespace Sundial\Work\Waiting;

use Sundial\Support\InvalidInput;

/** How many days work may stand in each lane before it is longer than a site agreed. */
final readonly class AgreedStay
{
    private const MOST = 365;

    /** @param  array<string, int>  $days  by lane; the usual ones where none is named */
    private function __construct(private array $days)
    {
    }

    /**
     * @param  array<string, int>  $days  by lane
     *
     * @throws InvalidInput out_of_range, naming the lane
     */
    public static function of(array $days): self
    {
        foreach ($days as $lane => $most) {
            if ($most < 1 || $most > self::MOST) {
                throw InvalidInput::outside("agreed.{$lane}", $most, 1, self::MOST);
            }
        }

        return new self($days);
    }

    public function days(Lane $lane): int
    {
        return $this->days[$lane->value] ?? $lane->usualDays();
    }

    /** Whether so many minutes in a lane are longer than agreed. */
    public function isOver(Lane $lane, int $minutes): bool
    {
        return $minutes > $this->days($lane) * 24 * 60;
    }
}
