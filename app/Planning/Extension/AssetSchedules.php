<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleDraft;
use App\Platform\Extension\HorizonSource;
use App\Platform\Extension\SheetSection;
use App\Platform\Frame\HorizonMark;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Nearness;

/** The schedules on an asset's sheet, and their coming visits on its horizon. */
final readonly class AssetSchedules implements HorizonSource, SheetSection
{
    public function __construct(private CurrentSite $site, private ScheduleDraft $draft)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 20;
    }

    public function title(): string
    {
        return 'Schedules';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function count(Subject $subject): int
    {
        return Schedule::query()->where('asset_id', $subject->id)->where('ended', false)->count();
    }

    public function view(Subject $subject): array
    {
        $schedules = Schedule::query()->where('asset_id', $subject->id)->with('method')->orderBy('ended')->orderBy('next_due_on')->get();

        return ['planning.section', ['schedules' => $schedules, 'assetId' => $subject->id]];
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        if (! in_array($subject->kind, ['asset', 'schedule'], true)) {
            return [];
        }
        $today = $this->site->today();
        $days = $this->site->get()->workingDays();
        $marks = [];
        foreach (Schedule::query()->where($subject->kind === 'asset' ? 'asset_id' : 'id', $subject->id)->where('ended', false)->whereNull('held_from')->get() as $schedule) {
            foreach ($this->draft->preview($schedule, $days, 70) as $i => $visit) {
                if ($visit->planned->isAfter($to)) {
                    break;
                }
                $state = $i === 0 ? $visit->nearness($today, $schedule->in_hand !== null) : Nearness::Clear;
                $day = $visit->planned->isBefore($from) ? $from : $visit->planned;
                $marks[] = HorizonMark::point($day, $i === 0 && $state === Nearness::Late ? "{$schedule->name}, late" : $schedule->name, $state->value, "/schedules/{$schedule->id}");
            }
        }

        return $marks;
    }
}
