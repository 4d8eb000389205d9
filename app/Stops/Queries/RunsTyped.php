<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Inputs\RunTyped;
use App\Stops\Inputs\ShiftTyped;
use App\Stops\Models\ProductRun;
use App\Stops\Models\RejectReason;
use App\Stops\Models\ShiftRecord;

/** What stands of a shift, as it would be entered: so that one run of it can be changed. */
final readonly class RunsTyped
{
    /** @param  int|null  $without  the run that begins at that second is left away */
    public function of(ShiftRecord $record, ?int $without = null, RunTyped ...$more): ShiftTyped
    {
        $record->loadMissing('runs.reasons');
        $runs = $record->runs
            // What is entered stands instead of what signals told.
            ->filter(static fn (ProductRun $run): bool => $run->source !== 'signal' && $run->span()->from !== $without)
            ->map(static fn (ProductRun $run): RunTyped => new RunTyped(
                $run->product_id,
                $run->span(),
                $run->total,
                $run->reasons->mapWithKeys(static fn (RejectReason $one): array => [
                    $one->id => (int) $one->getRelation('pivot')->getAttribute('pieces'),
                ])->all(),
                $run->rejects,
                $run->reworked,
                "runs.{$run->id}",
                $run->source,
            ))
            ->values()
            ->all();

        return new ShiftTyped(
            [...$runs, ...array_values($more)],
            $record->worked(),
            $record->team_id,
            $record->remark,
        );
    }
}
