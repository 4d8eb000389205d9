<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\AssetNearness;
use App\Planning\Projections\PutOffNearness;
use App\Platform\Frame\Wording;
use App\Register\Events\ReadingTaken;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\VisitState;

/** Lets the schedules that count on a meter follow its readings, and says what moved. */
final readonly class CountSchedulesOnMeter
{
    public function __construct(
        private CountOnReadings $count,
        private PutOffNearness $later,
        private AssetNearness $refresh,
    ) {
    }

    public function __invoke(ReadingTaken $taken): void
    {
        $assets = $this->later->while(fn () => $this->count($taken));
        ($this->refresh)(...$assets);
    }

    private function count(ReadingTaken $taken): void
    {
        [$meter, $today] = [$taken->meter, $taken->today];
        foreach (
            Schedule::query()
                ->where($meter->isGauge() ? 'gauge_id' : 'meter_id', $meter->id)
                ->where('ended', false)
                ->orderBy('id')
                ->get() as $old
        ) {
            $now = ($this->count)($old->id, $meter);
            $note =
                $now->standing->in_hand === null
                    ? null
                    : Visit::query()->where('schedule_id', $now->id)->where('state', VisitState::InHand)->value('note');
            if ($note !== null) {
                $taken->followed[] =
                    "{$now->standing->in_hand} stays as it was released, although {$note}. Cancel it and give its ".
                    'visit back if it comes too early.';
            } elseif ($now->standing->next_due_on !== $old->standing->next_due_on) {
                $day = static fn (?string $iso): string => $iso === null
                    ? 'date unknown'
                    : Wording::dayFrom($today, LocalDate::parse($iso));
                [$next, $was] = [$day($now->standing->next_due_on), $day($old->standing->next_due_on)];
                $taken->followed[] = "{$now->name}: next {$next}, was {$was}.";
            }
        }
    }
}
