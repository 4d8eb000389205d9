<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\VisitInHand;

/** That a visit was done, or counts as done: on which day of the site, and at which instant for its readings. */
final readonly class Done
{
    /** Seconds into a day at which it is read where no instant is known. */
    private const MIDDAY = 43200;

    private function __construct(
        public VisitInHand $visit,
        public LocalDate $day,
        public int $instant,
        private ?int $known = null,
    ) {
    }

    /** @param  int|null  $instant  epoch seconds; null where only the day is known */
    public static function on(VisitInHand $visit, LocalDate $day, ?int $instant = null): self
    {
        return new self($visit, $day, $instant ?? $day->epochDay * 86400 + self::MIDDAY);
    }

    /** @param  int|null  $total  of its counter, in thousandths, as it was known then; null: as readings say now */
    public function at(?int $total): self
    {
        return new self($this->visit, $this->day, $this->instant, $total);
    }

    /** What its counter had come to when it was done; null where it has none, or nothing was read. */
    public function total(Facts $facts): ?int
    {
        return $this->known ?? $facts->counter?->totalAt($this->instant, $this->day);
    }
}
