<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use DateTimeZone;
use Sundial\Support\Rounding;

/**
 * Local time of a zone as epoch seconds, and back, by the offsets of the zone alone. A time that the clock skips counts
 * on from before the change; one that it shows twice is the first.
 */
final readonly class ZoneTime
{
    private const DAY = 86_400;

    private function __construct(private DateTimeZone $zone)
    {
    }

    public static function in(DateTimeZone $zone): self
    {
        return new self($zone);
    }

    /** The second at which a local date is so many seconds old by its clock. */
    public function instant(LocalDate $day, int $seconds): int
    {
        $local = $day->epochDay * self::DAY + $seconds;
        $changes = $this->changes($local - 2 * self::DAY, $local + 2 * self::DAY);
        $offset = $changes[0][1];
        foreach (array_slice($changes, 1) as [$at, $next]) {
            if ($local - $offset >= $at && $local - $next >= $at) {
                $offset = $next;
            }
        }

        return $local - $offset;
    }

    public function dateOf(int $second): LocalDate
    {
        [[, $offset]] = $this->changes($second, $second);

        return LocalDate::of(1970, 1, 1)->plusDays(Rounding::divideDown($second + $offset, self::DAY));
    }

    /** @return non-empty-list<array{int, int}> when, and the offset from then on; the first holds at the beginning */
    private function changes(int $from, int $to): array
    {
        $changes = array_map(
            static fn (array $one): array => [$one['ts'], $one['offset']],
            $this->zone->getTransitions($from, $to) ?: [],
        );

        return $changes === [] ? [[$from, 0]] : $changes;
    }
}
