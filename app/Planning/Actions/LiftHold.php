<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Visit\VisitState;

/**
 * Lets a schedule that was held up go on from a day: what passed meanwhile is suspended. The caller holds its row,
 * and has seen that nothing else holds it up.
 */
final readonly class LiftHold
{
    public function __construct(private KeepStanding $stand, private FactsOf $facts, private NoteDecision $note)
    {
    }

    public function __invoke(Schedule $schedule, LocalDate $from, ?Actor $by = null): void
    {
        DB::transaction(function () use ($schedule, $from, $by): void {
            $heldFrom = LocalDate::parse((string) $schedule->held_from);
            $schedule->held_from = null;
            $state = $schedule->state();
            $facts = ($this->facts)($schedule);
            if ($schedule->standing->in_hand === null && ! $schedule->ended) {
                $step = $schedule->agreed()->goneOn($state, $heldFrom, $from, $facts);
                foreach ($step->passed as $passed) {
                    Visit::passed($schedule, $passed, VisitState::Suspended);
                }
                $state = $step->state;
            }
            ($this->stand)($schedule, $state, $facts);
            ($this->note)($by, $schedule, Decision::GoOn, $from);
        });
    }
}
