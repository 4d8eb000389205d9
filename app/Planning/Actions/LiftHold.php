<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Lets a schedule that was held up go on from a day: what passed meanwhile is suspended. The caller holds its row,
 * and has seen that nothing else holds it up.
 */
final readonly class LiftHold
{
    public function __construct(private KeepStanding $stand, private FactsOf $facts)
    {
    }

    public function __invoke(Schedule $schedule, LocalDate $from): void
    {
        DB::transaction(function () use ($schedule, $from): void {
            $heldFrom = LocalDate::parse((string) $schedule->held_from);
            $schedule->held_from = null;
            $state = $schedule->state();
            $facts = ($this->facts)($schedule);
            if ($schedule->in_hand === null && ! $schedule->ended) {
                $step = $schedule->agreed()->goneOn($state, $heldFrom, $from, $facts);
                foreach ($step->passed as $passed) {
                    Visit::passed($schedule, $passed, Visit::SUSPENDED);
                }
                $state = $step->state;
            }
            ($this->stand)($schedule, $state, $facts);
        });
    }
}
