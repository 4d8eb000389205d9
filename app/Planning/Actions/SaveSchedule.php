<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleDraft;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Puts a schedule on an asset, or changes one; what it has done so far stays, and the next date follows the new rule. */
final readonly class SaveSchedule
{
    public function __construct(private Audit $audit, private ScheduleDraft $draft, private RefreshNearness $refresh, private Clock $clock)
    {
    }

    /** @param  array<string, mixed>  $input the fields of the form */
    public function __invoke(Actor $by, ?Schedule $schedule, Asset $asset, array $input, ?int $version = null): Schedule
    {
        return DB::transaction(function () use ($by, $schedule, $asset, $input, $version): Schedule {
            $isNew = $schedule === null;
            $site = Site::query()->with('restDays')->findOrFail($asset->site_id);
            $schedule = $isNew ? new Schedule(['site_id' => $asset->site_id, 'asset_id' => $asset->id]) : Versioned::lock($schedule, $version);
            $before = $isNew ? [] : $schedule->only(ScheduleDraft::FIELDS);
            $rule = $isNew ? null : $schedule->only(ScheduleDraft::RULE);
            $this->draft->fill($schedule, $input);
            if ($isNew || $schedule->only(ScheduleDraft::RULE) !== $rule) {
                $this->draft->start($schedule, $site->workingDays());
            } else {
                $schedule->standAt($schedule->trigger($site->workingDays()), LocalDate::parse($schedule->next_point_on), LocalDate::parse($schedule->base_on));
            }
            if ($isNew && ! $asset->life_state->isInUse()) {
                $schedule->held_from = (string) $site->dayOf($this->clock->now());
            }
            $schedule->save();
            ($this->refresh)($asset->id);
            $this->audit->record($by, $schedule->subject(), $isNew ? "put schedule {$schedule->name} on {$asset->tag}" : "changed schedule {$schedule->name}", Audit::difference($before, $schedule->only(ScheduleDraft::FIELDS)), null, [$asset->subject()]);

            return $schedule;
        });
    }
}
