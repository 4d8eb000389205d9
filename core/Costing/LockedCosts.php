<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Calendar\LocalDate;

/**
 * Costs of months that are locked stay as they were counted. What is booked, struck out or spread otherwise in such a
 * month later is counted by counter-entries on the first day that is open, so that all of it together is still what
 * the ledgers say.
 */
final readonly class LockedCosts
{
    private function __construct(private LocalDate $through)
    {
    }

    /** @param  LocalDate  $through  the last day that is locked */
    public static function through(LocalDate $through): self
    {
        return new self($through);
    }

    public function holds(LocalDate $day): bool
    {
        return ! $day->isAfter($this->through);
    }

    /**
     * The entries to keep beside those of locked months. An unknown cost that was locked is known as nothing there:
     * what it turns out to be is an entry of its own.
     *
     * @param  list<CostEntry>  $wanted  as the ledgers say now
     * @param  list<CostEntry>  $locked  as they stand in the locked months
     * @return list<CostEntry> all on open days
     */
    public function settle(array $wanted, array $locked): array
    {
        $open = [];
        /** @var array<string, array{CostEntry, int, int}> $left */
        $left = [];
        foreach ($wanted as $entry) {
            if (! $this->holds($entry->day)) {
                $open[] = $entry;

                continue;
            }
            $left[$entry->key()] = self::add($left[$entry->key()] ?? [$entry, 0, 0], $entry, 1);
        }
        foreach ($locked as $entry) {
            $left[$entry->key()] = self::add($left[$entry->key()] ?? [$entry, 0, 0], $entry, -1);
        }
        foreach ($left as [$entry, $cents, $seconds]) {
            if ($cents !== 0 || $seconds !== 0) {
                $open[] = $entry->amount($this->through->plusDays(1), $cents, $seconds);
            }
        }

        return $open;
    }

    /**
     * @param  array{CostEntry, int, int}  $sum
     * @return array{CostEntry, int, int}
     */
    private static function add(array $sum, CostEntry $entry, int $sign): array
    {
        return [$sum[0], $sum[1] + $sign * (int) $entry->cents, $sum[2] + $sign * $entry->seconds];
    }
}
