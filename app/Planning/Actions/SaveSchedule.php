<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Round;
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
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\InvalidInput;

/**
 * Puts a schedule on an asset, or changes one; what it has done so far stays, and the next date follows the new rule.
 */
final readonly class SaveSchedule
{
    public function __construct(
        private Audit $audit,
        private ScheduleDraft $draft,
        private KeepStanding $stand,
        private SiteDays $sites,
        private NoteDecision $note,
    ) {
    }

    public function __invoke(
        Actor $by,
        ?Schedule $schedule,
        Asset $asset,
        ScheduleInput $input,
        ?int $version = null,
    ): Schedule {
        return DB::transaction(function () use ($by, $schedule, $asset, $input, $version): Schedule {
            $isNew = $schedule === null;
            $schedule = $isNew
                ? new Schedule(['site_id' => $asset->site_id, 'asset_id' => $asset->id])
                : Versioned::lock($schedule, $version);
            if (! $isNew && $schedule->ended) {
                throw InvalidInput::because(
                    'ended',
                    'form',
                    'This schedule has ended and is not changed any more. Put a new one on the asset.',
                );
            }
            $before = $isNew ? [] : $schedule->only(ScheduleDraft::FIELDS);
            $rule = $isNew ? null : $schedule->only(ScheduleDraft::RULE);
            $agreed = $isNew ? null : $schedule->only(Schedule::AGREED);
            $this->draft->fill($schedule, $input);
            if ($isNew && $schedule->round_id !== null) {
                $asset = $this->firstOf($schedule->round_id, $asset->site_id);
                $schedule->asset_id = $asset->id;
            }
            if (! $isNew && $schedule->visits()->exists()) {
                // Which visit of the ladder came first is known by now.
                $schedule->ladder_start = (int) $schedule->getOriginal('ladder_start');
            }
            $usageLast = $input->usageLast();
            if (! Versioned::differs($schedule) && (string) $usageLast === '') {
                return $schedule->refresh();
            }
            if (
                $isNew ||
                $schedule->only(ScheduleDraft::RULE) !== $rule ||
                ($schedule->meter_id !== null && (string) $usageLast !== '')
            ) {
                $this->draft->start($schedule, $usageLast);
                // What was completed under the old rule is not counted again under the new one.
                Visit::query()
                    ->where('schedule_id', $schedule->id ?? 0)
                    ->where('state', '<>', VisitState::InHand)
                    ->whereNotNull('before')
                    ->update(['before' => null]);
            }
            if ($isNew && ! $asset->life_state->isInUse()) {
                $schedule->held_from = (string) $this->sites->today($asset->site_id);
            }
            ($this->stand)($schedule, $schedule->state());
            $this->noteWhatChanged($by, $schedule, $agreed);
            $this->audit->record(
                $by,
                $schedule->subject(),
                $isNew ? "put schedule {$schedule->name} on {$asset->tag}" : "changed schedule {$schedule->name}",
                Audit::difference($before, $schedule->only(ScheduleDraft::FIELDS)),
                null,
                [$asset->subject()],
            );

            return $schedule;
        });
    }

    /** @param  array<string, mixed>|null  $before what was agreed before */
    private function noteWhatChanged(Actor $by, Schedule $schedule, ?array $before): void
    {
        if ($before === null || $schedule->only(Schedule::AGREED) !== $before) {
            ($this->note)($by, $schedule, $before === null ? Decision::Begin : Decision::Rule);
        }
    }

    /** A schedule of a round stands on its first asset. */
    private function firstOf(int $roundId, int $siteId): Asset
    {
        $station = Round::query()->where('site_id', $siteId)->findOrFail($roundId)->stations()->with('asset')->first();

        return $station->asset ??
            throw InvalidInput::because(
                'empty',
                'round_id',
                'The round walks no asset yet. Put its assets on it first.',
            );
    }
}
