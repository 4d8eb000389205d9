<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;

/**
 * Writes one record as a file of one row would: the same columns, the same rules, the same reasons when it is
 * refused.
 */
final readonly class WriteRecord
{
    /**
     * @param  array<string, string>  $typed  by column; an empty one clears what stands
     * @return int the id of what was made or changed; 0 when it stood so already
     */
    public function __invoke(Actor $by, ImportKind $kind, int $siteId, array $typed, RowOutcome $todo): int
    {
        return DB::transaction(function () use ($by, $kind, $siteId, $typed, $todo): int {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->first();
            $plan = $kind->plan($siteId, Sheet::ofOne($kind->columns($siteId), $typed));
            $problems = $plan->problems;
            $row = $plan->rows[0] ?? null;
            if ($todo === RowOutcome::Make && $row !== null && $row->does !== RowOutcome::Make) {
                array_unshift($problems, [
                    'row' => 1,
                    'column' => 'tag',
                    'message' => "{$row->label} stands already. Change it at its own address.",
                ]);
            }
            $trace = new Trace();
            $problems === [] && $plan->work() > 0 ? $kind->load($by, $siteId, $plan, $trace) : null;
            foreach ([...$problems, ...$trace->refused] as $problem) {
                $errors[$problem['column']][] = $problem['message'];
            }
            if (isset($errors)) {
                throw ValidationException::withMessages($errors);
            }

            return $row?->does === RowOutcome::Make ? (int) (end($trace->did)['id'] ?? 0) : (int) $row?->id;
        });
    }
}
