<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Platform\Records\CondensedLines;

/** Adds up what changes of the outlook left behind. */
final readonly class CondensedLoads
{
    /** @return int how many weeks had something to add up */
    public function __invoke(): int
    {
        return (new CondensedLines(
            'outlook_loads',
            'planned_on',
            ['site_id', 'planned_on', 'method_id', 'level'],
            ['visits', 'expected'],
        ))();
    }
}
