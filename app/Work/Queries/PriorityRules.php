<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Work\Request\PriorityTable;

/** The plant's table of priorities. */
final readonly class PriorityRules
{
    public function table(): PriorityTable
    {
        $set = [];
        foreach (DB::table('priority_rules')->get() as $rule) {
            $set["{$rule->how_soon} {$rule->criticality}"] = (string) $rule->priority;
        }

        return PriorityTable::of(
            $set,
            DB::table('priority_days')
                ->pluck('days', 'priority')
                ->map(static fn (mixed $days): int => (int) $days)
                ->all(),
        );
    }
}
