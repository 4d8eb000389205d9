<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use Illuminate\Support\Facades\DB;

/** Marks the next visit of a schedule as covered by an open order. The caller holds the schedule's row. */
final readonly class TakeVisitInHand
{
    public function __construct(private RefreshNearness $refresh)
    {
    }

    /** @param  string  $label the number of the order that covers it */
    public function __invoke(Schedule $schedule, string $label): Visit
    {
        return DB::transaction(function () use ($schedule, $label): Visit {
            $visit = Visit::query()->where('schedule_id', $schedule->id)->where('number', $schedule->next_number)->where('state', Visit::GIVEN_BACK)->first()
                ?? new Visit(['schedule_id' => $schedule->id, 'number' => $schedule->next_number]);
            $visit->fill(['point_on' => $schedule->next_point_on, 'planned_on' => $schedule->next_due_on, 'leading' => $schedule->leading, 'expected' => $schedule->expected, 'due_total' => $schedule->usage_due, 'state' => Visit::IN_HAND, 'label' => $label, 'note' => null])->save();
            $schedule->in_hand = $label;
            $schedule->save();
            ($this->refresh)($schedule->asset_id);

            return $visit;
        });
    }
}
