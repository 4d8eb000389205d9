<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Register\Extension\MeterGoals;
use App\Register\Models\Meter;
use Sundial\Planning\Trigger\Leading;

/** The schedules that count on a meter, as what falls due by it. */
final readonly class SchedulesOnMeter implements MeterGoals
{
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
