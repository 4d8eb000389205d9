<?php

declare(strict_types=1);

namespace App\Planning\Listening;

use App\Planning\Actions\CountOnReadings;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Frame\Wording;
use App\Register\MeterListener;
use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;

/** Lets the schedules that count on a meter follow its readings, and says what is due by it. */
final readonly class CountSchedulesOnMeter implements MeterListener
{
    public function __construct(private CountOnReadings $count)
    {
    }

    public function changed(Meter $meter, LocalDate $today): array
    {
        $said = [];
        foreach (
            Schedule::query()
                ->where($meter->isGauge() ? 'gauge_id' : 'meter_id', $meter->id)
                ->where('ended', false)
                ->orderBy('id')
                ->get() as $old
        ) {
            $now = ($this->count)($old->id);
            $note =
                $now->standing->in_hand === null
                    ? null
                    : Visit::query()->where('schedule_id', $now->id)->where('state', Visit::IN_HAND)->value('note');
            if ($note !== null) {
                $said[] =
                    "{$now->standing->in_hand} stays as it was released, although {$note}. Cancel it and give its ".
                    'visit back if it comes too early.';
            } elseif ($now->standing->next_due_on !== $old->standing->next_due_on) {
                $day = static fn (?string $iso): string => $iso === null
                    ? 'date unknown'
                    : Wording::dayFrom($today, LocalDate::parse($iso));
                [$next, $was] = [$day($now->standing->next_due_on), $day($old->standing->next_due_on)];
                $said[] = "{$now->name}: next {$next}, was {$was}.";
            }
        }

        return $said;
    }

    public function goals(Meter $meter): array
    {
        $goals = [];
        $schedules = Schedule::standings()
            ->where('meter_id', $meter->id)
            ->where('ended', false)
            ->orderBy('usage_due')
            ->get();
        foreach ($schedules as $schedule) {
            $total = Schedule::quantity($schedule->standing->usage_due);
            if ($total !== null) {
                $counter = $meter->standing();
                $expected = Schedule::day($schedule->standing->usage_on);
                $goals[] = [
                    'label' => $schedule->name,
                    'href' => "/schedules/{$schedule->id}",
                    'total' => $total,
                    'expected' => $expected,
                    'early' => $schedule->standing->usage_reached ? null : $counter?->earliest($total),
                    'late' => $schedule->standing->usage_reached ? null : $counter?->latest($total),
                    'reached' => $schedule->standing->usage_reached,
                    'state' => $schedule->standing->in_hand !== null
                            ? "in hand {$schedule->standing->in_hand}"
                            : ($schedule->held_from !== null
                                ? 'held up'
                                : ($schedule->standing->leading === Leading::Usage
                                    ? 'leads'
                                    : 'its date comes first')),
                ];
            }
        }

        return $goals;
    }
}
