<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\ScheduleDraft;
use App\Planning\Schedules\ScheduleFields;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Frame\Wording;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\Validator;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Support\SundialException;

/** What a schedule would do as it stands in its form, before anything is saved. */
final readonly class SchedulePreview
{
    private const VISITS = 12;

    public function __construct(
        private ScheduleDraft $draft,
        private LadderOf $ladders,
        private ScheduleWording $words,
        private Wording $wording,
    ) {
    }

    /** @param  array<string, mixed>  $typed */
    public function __invoke(Asset $asset, Schedule $schedule, array $typed): SchedulePreviewShown
    {
        $check = Validator::make(
            ['name' => 'x'] + $typed,
            ['method_id' => ['nullable']] + ScheduleFields::rules($asset->site_id),
            ScheduleFields::MESSAGES,
            ScheduleFields::names(),
        );
        if ($check->fails()) {
            return SchedulePreviewShown::problem($check->errors()->first());
        }
        try {
            return $this->shown($asset, $this->drafted($schedule, $typed));
        } catch (SundialException $e) {
            return SchedulePreviewShown::problem($e->getMessage());
        }
    }

    /** @param  array<string, mixed>  $typed */
    private function drafted(Schedule $schedule, array $typed): Schedule
    {
        $draft = clone $schedule;
        $rule = $schedule->exists ? $schedule->only(ScheduleDraft::RULE) : null;
        $standing = $draft->standing;
        $input = ScheduleInput::of(['name' => 'x'] + $typed + ['method_id' => 0]);
        $this->draft
            ->fill($draft, $input)
            ->unsetRelations()
            ->setRelation('standing', $standing)
            ->loadMissing(['meter', 'gauge']);
        $isAnother = $rule === null || $draft->only(ScheduleDraft::RULE) !== $rule;

        return $isAnother || $input->usageLast() !== null
            ? $this->draft->start($draft, $input->usageLast())
            : $draft;
    }

    private function shown(Asset $asset, Schedule $draft): SchedulePreviewShown
    {
        $today = $this->wording->today();
        $visits = $this->draft->preview($draft, self::VISITS);
        $year = $this->draft->within($draft, $today, $today->plusDays(365));
        $levels = $this->ladders->names($draft, max(self::VISITS, count($year)));

        return new SchedulePreviewShown(
            null,
            $this->words->sentence($draft),
            implode('. ', array_filter([$this->words->usage($draft), $this->words->conditionStands($draft)])),
            (string) $this->ladders->turn($draft->method_id),
            YearDrawing::of($today, $year, $levels),
            array_map(
                fn (ComingVisit $visit, int $i): array => [
                    'day' => ($visit->expected ? '≈ ' : '').$this->wording->weekday($visit->planned),
                    'level' => $levels[$i] ?? null,
                    'between' => $visit->early === null ? null : $this->between($visit->early, $visit->late),
                    'made' => $this->wording->day($visit->dates()->release),
                ],
                $visits,
                array_keys($visits),
            ),
            $this->draft->warnings($draft, $asset, $visits, $today),
        );
    }

    private function between(LocalDate $early, ?LocalDate $late): string
    {
        return "{$this->wording->day($early)} to {$this->wording->day($late)}";
    }
}
