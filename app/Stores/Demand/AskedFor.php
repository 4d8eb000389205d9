<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** Which of what takes a part at a site is to be named: the first so many, from a day on and until another. */
final readonly class AskedFor
{
    /**
     * @param  LocalDate|null  $from  null: what is late, too
     * @param  array<string, list<string>>|null  $days  on which each kind takes some, first day first; null: not known
     */
    public function __construct(
        public int $siteId,
        public int $partId,
        public ?LocalDate $from,
        public LocalDate $until,
        public int $most,
        private ?array $days = null,
    ) {
    }

    /**
     * Where what will be taken was added up already, it is known on which days something is to be named.
     *
     * @param  list<DayDemand>  $totals  first day first
     * @return list<self>
     */
    public static function knowing(array $totals, self ...$asked): array
    {
        // Of thousands of sums, those of the few parts that are asked for.
        $days = array_fill_keys(array_map(static fn (self $one): int => $one->partId, $asked), []);
        foreach ($totals as $one) {
            if (isset($days[$one->partId])) {
                $days[$one->partId][$one->kind->value][] = (string) $one->on;
            }
        }

        return array_map(static fn (self $one): self => new self(
            $one->siteId,
            $one->partId,
            $one->from,
            $one->until,
            $one->most,
            $days[$one->partId],
        ), array_values($asked));
    }

    /** @return list<string>|null of those it holds, first day first; null: not known */
    public function days(DemandKind $kind): ?array
    {
        return $this->days === null
            ? null
            : array_values(array_filter($this->days[$kind->value] ?? [], $this->holds(...)));
    }

    /** The last day that any of them looks at. */
    public static function latest(self $first, self ...$asked): LocalDate
    {
        return array_reduce(
            $asked,
            static fn (LocalDate $day, self $one): LocalDate => LocalDate::later($day, $one->until),
            $first->until,
        );
    }

    /** @return list<self> those for which something of a kind may be named */
    public static function maybe(DemandKind $kind, self ...$asked): array
    {
        return array_values(array_filter($asked, static fn (self $one): bool => $one->days($kind) !== []));
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
