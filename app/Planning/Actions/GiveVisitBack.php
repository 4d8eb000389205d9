<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\VisitState;

/**
 * Gives a visit back whose order was cancelled: the same number can be released again. Readings that came while it was
 * in hand count from now on.
 */
final readonly class GiveVisitBack
{
    public function __construct(private KeepStanding $stand, private CountOnReadings $count)
    {
    }

    public function __invoke(Visit $visit, string $reason): Schedule
    {
        return DB::transaction(function () use ($visit, $reason): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($visit->schedule_id);
            if ($visit->state === VisitState::InHand) {
                $visit
                    ->fill(['state' => VisitState::GivenBack, 'note' => mb_substr($reason, 0, 250), 'label' => null])
                    ->save();
                $schedule->standing->given()->save();

                return $schedule->ended
                    ? ($this->stand)($schedule, $schedule->state())
                    : ($this->count)($schedule->id);
            }

            return $schedule;
        });
    }
}
