<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;

/** What falls due by a meter, for its sheet and its chart. */
interface MeterGoals
{
    /**
     * @return list<array{label: string, href: string, total: int, expected: LocalDate|null,
     *     early: LocalDate|null, late: LocalDate|null, reached: bool, state: string}>
     */
    public function goals(Meter $meter): array;
}
