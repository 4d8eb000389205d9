<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Register\Criticality;
use Sundial\Work\Priority;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\PriorityTable;

/** The plant's table of priorities. */
final readonly class PriorityRules
{
    /** @return array<string, string> as people read it: what is proposed for what, and days by priority */
    public static function words(PriorityTable $table): array
    {
        $words = [];
        foreach (HowSoon::cases() as $soon) {
            foreach (Criticality::letters() as $criticality) {
                $words["{$soon->value}, {$criticality}"] = $table->proposed($soon, $criticality)->value;
            }
        }
        foreach (Priority::cases() as $priority) {
            $words["{$priority->value} within days"] = (string) $table->within($priority);
        }

        return $words;
    }

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
