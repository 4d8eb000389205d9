<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Visit\VisitState;

/**
 * Takes the completion of a visit back when its order is reopened: the schedule stands as it did before. Only while
 * the next visit has no order, or one that was given back; afterwards the visit stays done and nothing moves.
 */
final readonly class TakeBackCompletion
{
    public function __construct(private KeepStanding $stand, private NoteDecision $note)
    {
    }

    /** @return bool whether the schedule was set back */
    public function __invoke(Visit $visit, string $label): bool
    {
        return DB::transaction(function () use ($visit, $label): bool {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($visit->schedule_id);
            $later = Visit::query()->where('schedule_id', $schedule->id)->where('number', '>', $visit->number);
            if (
                $visit->state !== VisitState::Done ||
                $visit->before === null ||
                $schedule->standing->in_hand !== null ||
                (clone $later)->whereNotIn('state', [VisitState::Missed, VisitState::GivenBack])->exists()
            ) {
                return false;
            }
            // One that was given back stays with its order; its number can be released again.
            $later->where('state', VisitState::Missed)->delete();
            $before = ScheduleState::fromArray($visit->before);
            $visit
                ->fill([
                    'state' => VisitState::InHand,
                    'done_on' => null,
                    'done_at' => null,
                    'done_total' => null,
                    'before' => null,
                    'label' => $label,
                ])
                ->save();
            $schedule->standing->takenBy($visit);
            ($this->stand)($schedule, $before);
            ($this->note)(null, $schedule, Decision::Reopen);

            return true;
        });
    }
}
