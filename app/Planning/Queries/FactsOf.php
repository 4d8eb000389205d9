<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Meter;
use App\Register\Queries\CounterFacts;
use App\Register\Queries\GaugeFacts;
use App\Register\Queries\MeterHistory;
use Sundial\Planning\Schedule\Facts;

/** What the world says that a schedule asks for: the day and the working days of its site, and its readings. */
final readonly class FactsOf
{
    public function __construct(private MeterHistory $history, private SiteDays $sites)
    {
    }

    /** As they are now, from the readings themselves. */
    public function __invoke(Schedule $schedule): Facts
    {
        $counter = $this->counter($schedule);
        $gauge = $this->gauge($schedule);

        return Facts::on(
            $this->sites->today($schedule->site_id),
            $this->sites->site($schedule->site_id)->workingDays(),
            $counter === null ? null : new CounterFacts($counter, $this->history),
            $gauge === null ? null : new GaugeFacts($gauge, $this->history),
        );
    }

    /** As they are kept beside the schedule, for looking ahead; readings are asked for only where one made it due. */
    public function kept(Schedule $schedule): Facts
    {
        $counter = $this->counter($schedule);
        $gauge = $schedule->standing->condition_on === null ? null : $this->gauge($schedule);
        $due = $schedule->state()->usage?->due;

        return Facts::on(
            $this->sites->today($schedule->site_id),
            $this->sites->site($schedule->site_id)->workingDays(),
            $counter === null || $due === null
                ? null
                : new ExpectedCounter(
                    $counter,
                    $due,
                    $schedule->standing->usage_reached ? Schedule::day($schedule->standing->usage_on) : null,
                ),
            $gauge === null ? null : new GaugeFacts($gauge, $this->history),
        );
    }

    public function counter(Schedule $schedule): ?Meter
    {
        return match (true) {
            $schedule->meter_id === null => null,
            // A list has loaded them all at once.
            $schedule->relationLoaded('meter') && $schedule->meter?->id === $schedule->meter_id => $schedule->meter,
            default => Meter::query()->find($schedule->meter_id),
        };
    }

    private function gauge(Schedule $schedule): ?Meter
    {
        return match (true) {
            $schedule->gauge_id === null => null,
            $schedule->relationLoaded('gauge') && $schedule->gauge?->id === $schedule->gauge_id => $schedule->gauge,
            default => Meter::query()->find($schedule->gauge_id),
        };
    }
}
