<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Platform\Records\CondensedLines;

/** Adds up what changes of the cost of orders left behind. */
final readonly class CondensedCosts
{
    /** @return int how many weeks had something to add up */
    public function __invoke(): int
    {
        $weeks = 0;
        foreach (CostDays::BY as $table => $by) {
            $weeks += (new CondensedLines($table, 'on_day', $by, CostDays::SUMS))();
        }

        return $weeks;
    }
}
