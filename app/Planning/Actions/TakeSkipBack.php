<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\InvalidInput;

/**
 * Takes back that the last visit was skipped: the schedule stands as it did, and the visit can be released under its
 * number.
 */
final readonly class TakeSkipBack
{
    public function __construct(private Audit $audit, private KeepStanding $stand, private NoteDecision $note)
    {
    }

    public function __invoke(Actor $by, Schedule $schedule): Schedule
    {
        return DB::transaction(function () use ($by, $schedule): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($schedule->id);
            $visit = Visit::query()
                ->where('schedule_id', $schedule->id)
                ->where('state', '<>', VisitState::Missed)
                ->orderByDesc('number')
                ->first();
            if (
                $visit === null ||
                $visit->state !== VisitState::Skipped ||
                $visit->before === null ||
                $schedule->standing->in_hand !== null ||
                $schedule->ended
            ) {
                throw InvalidInput::because(
                    'too_late',
                    'form',
                    'The skip can no longer be taken back: the schedule has gone on since, or was changed.',
                );
            }
            Visit::query()->where('schedule_id', $schedule->id)->where('number', '>', $visit->number)->delete();
            $before = ScheduleState::fromArray($visit->before);
            $visit
                ->fill(['state' => VisitState::GivenBack, 'done_total' => null, 'before' => null, 'note' => null])
                ->save();
            ($this->stand)($schedule, $before);
            ($this->note)($by, $schedule, Decision::SkipTakenBack);
            $this->audit->record(
                $by,
                $schedule->subject(),
                "took back that visit {$visit->number} of {$schedule->name} was skipped",
                [],
                null,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $schedule;
        });
    }
}
