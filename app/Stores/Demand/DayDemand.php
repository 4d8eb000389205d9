<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** So many thousandths of a part that what comes takes on a day, all of one kind together. */
final readonly class DayDemand
{
    public function __construct(
        public int $partId,
        public LocalDate $on,
        public int $thousandths,
        public DemandKind $kind,
    ) {
    }

    /**
     * What the database added up. Some thousand sums lie on few days, each of which is read once.
     *
     * @param  iterable<stdClass>  $sums  part_id, needed, many
     * @return list<self>
     */
    public static function read(iterable $sums, DemandKind $kind): array
    {
        $days = [];
        $read = [];
        foreach ($sums as $one) {
            $needed = (string) $one->needed;
            $days[$needed] ??= LocalDate::parse($needed);
            $read[] = new self((int) $one->part_id, $days[$needed], Quantity::parse((string) $one->many), $kind);
        }

        return $read;
    }
}
