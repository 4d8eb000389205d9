<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\KeepStanding;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Visit\Pause;
use Sundial\Support\InvalidInput;

/** Lets a schedule rest from a day on, with a reason; it goes on by itself after the last day, if there is one. */
final readonly class PauseSchedule
{
    public function __construct(
        private Audit $audit,
        private SiteDays $days,
        private KeepStanding $stand,
        private NoteDecision $note,
    ) {
    }

    public function __invoke(
        Actor $by,
        Schedule $schedule,
        LocalDate $from,
        ?LocalDate $until,
        string $reason,
        ?int $version = null,
    ): Schedule {
        return DB::transaction(function () use ($by, $schedule, $from, $until, $reason, $version): Schedule {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->ended || $schedule->paused_from !== null) {
                throw InvalidInput::because(
                    'paused',
                    'from',
                    $schedule->ended
                        ? 'This schedule has ended; it makes no orders anyway.'
                        : 'This schedule is paused already. Let it go on first, then pause it anew.',
                );
            }
            $today = $this->days->today($schedule->site_id);
            $pause = Pause::of($from, $until, $today);
            $schedule->fill([
                'paused_from' => (string) $from,
                'paused_until' => $until === null ? null : (string) $until,
                'pause_reason' => mb_substr($reason, 0, 250),
            ]);
            $schedule->held_from ??= $pause->isOn($today) ? (string) $from : null;
            ($this->stand)($schedule, $schedule->state());
            ($this->note)($by, $schedule, Decision::Pause, $from);
            $this->audit->record(
                $by,
                $schedule->subject(),
                "paused schedule {$schedule->name} from {$from->inWords()}".
                    ($until === null ? '' : " to {$until->inWords()}"),
                [],
                $reason,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $schedule;
        });
    }
}
