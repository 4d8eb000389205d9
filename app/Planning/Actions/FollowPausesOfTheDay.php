<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\KeepStanding;
use App\Platform\Audit\Actor;
use App\Platform\Sites\DayBegan;
use Sundial\Planning\Schedule\Decision;

/**
 * When a day begins, pauses that were said for it begin, and those that are over are lifted, as of the day after
 * their last.
 */
final readonly class FollowPausesOfTheDay
{
    public function __construct(private ResumeSchedule $resume, private KeepStanding $stand, private NoteDecision $note)
    {
    }

    public function __invoke(DayBegan $day): void
    {
        $today = (string) $day->today;
        foreach (
            Schedule::query()
                ->where('site_id', $day->siteId)
                ->where('paused_from', '<=', $today)
                ->orderBy('id')
                ->lockForUpdate()
                ->get() as $schedule
        ) {
            $ends = $schedule->pause()?->goesOnOn();
            if ($schedule->held_from === null && ! $schedule->ended) {
                $schedule->held_from = $schedule->paused_from;
                ($this->stand)($schedule, $schedule->state());
                ($this->note)(null, $schedule, Decision::Hold, $day->today);
            }
            if ($ends !== null && ! $ends->isAfter($day->today)) {
                ($this->resume)(Actor::sundial(), $schedule, $ends);
            }
        }
    }
}
