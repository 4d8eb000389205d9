<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\KeepStanding;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\Decision;
use Sundial\Support\InvalidInput;

/** Ends a schedule for good, with a reason: it makes no more orders, and its history stays. */
final readonly class EndSchedule
{
    public function __construct(private Audit $audit, private KeepStanding $stand, private NoteDecision $note)
    {
    }

    public function __invoke(Actor $by, Schedule $schedule, string $reason, ?int $version = null): void
    {
        DB::transaction(function () use ($by, $schedule, $reason, $version): void {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->ended) {
                return;
            }
            if ($schedule->standing->in_hand !== null) {
                throw InvalidInput::because(
                    'in_hand',
                    'reason',
                    "Its next visit is in hand in {$schedule->standing->in_hand}. Finish or cancel that order first, ".
                        'then end the schedule.',
                );
            }
            $schedule->ended = true;
            ($this->stand)($schedule, $schedule->state());
            ($this->note)($by, $schedule, Decision::End);
            $this->audit->record(
                $by,
                $schedule->subject(),
                "ended schedule {$schedule->name}",
                ['ended' => [false, true]],
                $reason,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );
        });
    }
}
