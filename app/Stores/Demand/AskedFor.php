<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** Which of what takes a part at a site is to be named: the first so many, from a day on and until another. */
final readonly class AskedFor
{
    /** @param  LocalDate|null  $from  null: what is late, too */
    public function __construct(
        public int $siteId,
        public int $partId,
        public ?LocalDate $from,
        public LocalDate $until,
        public int $most,
    ) {
    }

    /** @return array<int, self> */
    public static function byPart(self ...$asked): array
    {
        return array_column($asked, null, 'partId');
    }

    public function holds(string $day): bool
    {
        return $day >= $this->since() && $day <= (string) $this->until;
    }

    public function since(): string
    {
        return $this->from === null ? '1000-01-01' : (string) $this->from;
    }
}
