<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Work\Queries\PriorityRules;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Request\PriorityTable;

/** Sets which priority is proposed for what, and within how many days work of each priority is due. */
final readonly class SetPriorities
{
    public function __construct(private PriorityRules $rules, private Audit $audit)
    {
    }

    /**
     * @param  array<string, string>  $set  priorities by how soon and criticality, such as "at once A"
     * @param  array<string, int>  $days  by priority
     */
    public function __invoke(Actor $by, array $set, array $days, Seen $seen): void
    {
        $wanted = PriorityRules::words(PriorityTable::of($set, $days));
        DB::transaction(function () use ($by, $set, $days, $wanted, $seen): void {
            DB::table('priority_days')->lockForUpdate()->pluck('days');
            $before = PriorityRules::words($this->rules->table());
            $seen->check($before, $wanted);
            if ($before === $wanted) {
                return;
            }
            $rules = [];
            foreach ($set as $for => $priority) {
                $rules[] = [
                    'how_soon' => substr($for, 0, -2),
                    'criticality' => substr($for, -1),
                    'priority' => $priority,
                ];
            }
            DB::table('priority_rules')->upsert($rules, ['how_soon', 'criticality'], ['priority']);
            DB::table('priority_days')->upsert(
                array_map(
                    static fn (string $priority, int $within): array => ['priority' => $priority, 'days' => $within],
                    array_keys($days),
                    $days,
                ),
                ['priority'],
                ['days'],
            );
            $this->audit->record(
                $by,
                Subject::of('priorities', 1),
                'changed the table of priorities',
                Audit::difference($before, $wanted),
            );
        });
    }
}
