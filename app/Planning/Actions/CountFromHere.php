<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\ScheduleDraft;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;
use Sundial\Support\InvalidInput;

/**
 * Counts a schedule afresh from a day, which becomes that of its next visit, and its counter from what it shows or
 * showed; the rule stays.
 */
final readonly class CountFromHere
{
    public function __construct(
        private Audit $audit,
        private ScheduleDraft $draft,
        private SiteDays $days,
        private KeepStanding $stand,
        private NoteDecision $note,
    ) {
    }

    /** @param  string|null  $reading  what the counter showed from which its units count; now, if nothing is said */
    public function __invoke(
        Actor $by,
        Schedule $schedule,
        LocalDate $on,
        ?string $reading,
        string $reason,
        ?int $version = null,
    ): Schedule {
        return DB::transaction(function () use ($by, $schedule, $on, $reading, $reason, $version): Schedule {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->standing->in_hand !== null || $schedule->ended) {
                throw InvalidInput::because(
                    'in_hand',
                    'on',
                    $schedule->ended
                        ? 'This schedule has ended.'
                        : "Its visit is in hand in {$schedule->standing->in_hand}. Finish or cancel that order first.",
                );
            }
            $before = $schedule->standing->next_due_on;
            $today = $this->days->today($schedule->site_id);
            if ($on->isBefore($today)) {
                throw InvalidInput::because('past', 'on', 'The next visit lies today or later.');
            }
            $schedule->fill(['anchor_on' => (string) $on])->loadMissing('meter');
            $this->draft->startHere(
                $schedule,
                $reading !== null && trim($reading) !== '' ? $reading : $schedule->meter?->last_shown,
            );
            // What was completed before is not counted again from here.
            Visit::query()
                ->where('schedule_id', $schedule->id)
                ->whereNotNull('before')
                ->update(['before' => null]);
            ($this->stand)($schedule, $schedule->state());
            ($this->note)($by, $schedule, Decision::FromHere, $on);
            $this->audit->record(
                $by,
                $schedule->subject(),
                "counts {$schedule->name} from here",
                ['next visit' => [$before, $schedule->standing->next_due_on]],
                $reason,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $schedule;
        });
    }
}
