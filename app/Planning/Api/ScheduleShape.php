<?php

declare(strict_types=1);

namespace App\Planning\Api;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\LadderOf;
use App\Planning\Wording\ScheduleWording;

/** Schedules and visits as the API gives them. */
final readonly class ScheduleShape
{
    public function __construct(private ScheduleWording $words, private LadderOf $ladders)
    {
    }

    /** @return array<string, mixed> */
    public function of(Schedule $schedule): array
    {
        $schedule->loadMissing(['asset:id,tag', 'method:id,code', 'team:id,name', 'meter', 'gauge']);

        return [
            'id' => $schedule->id,
            'asset_id' => $schedule->asset_id,
            'tag' => $schedule->asset->tag,
            'name' => $schedule->name,
            'method' => $schedule->method->code,
            'team' => $schedule->team?->name,
            'recurs' => $this->words->every($schedule),
            'rrule' => $schedule->recurrence(),
            'rrule_from' => $schedule->recurrence() === null ? null : $schedule->anchor_on,
            'meter' => $schedule->meter?->name,
            'nearness' => $schedule->standing->nearness?->value,
            'next_visit' => $schedule->ended
                ? null
                : [
                    'number' => $schedule->standing->next_number,
                    'level' => $this->ladders->names($schedule, 1)[0] ?? null,
                    'planned_on' => $schedule->standing->next_due_on,
                    'expected' => $schedule->standing->expected,
                    'early_on' => $schedule->standing->early_on,
                    'late_on' => $schedule->standing->late_on,
                    'order_made_on' => $schedule->standing->release_on,
                    'in_hand' => $schedule->standing->in_hand,
                ],
            'last_done_on' => $schedule->last_done_on,
            'held_up_since' => $schedule->held_from,
            'paused_from' => $schedule->paused_from,
            'paused_until' => $schedule->paused_until,
            'ended' => $schedule->ended,
            'version' => $schedule->version,
        ];
    }

    /** @return array<string, mixed> */
    public function visit(Visit $visit, Schedule $schedule): array
    {
        $ladder = $this->ladders->method($schedule->method_id);

        return [
            'number' => $visit->number,
            'level' => $visit->level === null ? null : $ladder?->name($visit->level),
            'planned_on' => $visit->planned_on,
            'state' => $visit->state->value,
            'done_on' => $visit->done_on,
            'order' => $visit->label,
            'note' => $visit->note,
        ];
    }
}
