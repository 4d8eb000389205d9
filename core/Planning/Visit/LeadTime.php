<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/** How long before its date the order of a visit is made: a number of days, or a share of the interval. */
final readonly class LeadTime
{
    private function __construct(public ?int $days, public ?int $percent)
    {
    }

    /** @throws InvalidInput unless 0 <= days <= 999 */
    public static function days(int $days): self
    {
        return $days >= 0 && $days <= 999
            ? new self($days, null)
            : throw InvalidInput::outside('lead', $days, 0, 999);
    }

    /** @throws InvalidInput unless 0 <= percent <= 100 */
    public static function percent(int $percent): self
    {
        return $percent >= 0 && $percent <= 100
            ? new self(null, $percent)
            : throw InvalidInput::outside('lead', $percent, 0, 100);
    }

    /**
     * The first day t with t >= planned - days, or consumed(t) >= 100 - percent, where consumed = (t - base) /
     * (planned - base).
     */
    public function releaseDay(LocalDate $base, LocalDate $planned): LocalDate
    {
        if ($this->days !== null) {
            return $planned->plusDays(-$this->days);
        }

        return $base->plusDays(
            Rounding::divideUp((100 - (int) $this->percent) * max(0, $base->daysUntil($planned)), 100),
        );
    }

    /** The lead in whole days for an interval of so many days, half away from zero. */
    public function inDays(int $interval): int
    {
        return $this->days ?? Rounding::divideHalfAwayFromZero((int) $this->percent * $interval, 100);
    }
}
