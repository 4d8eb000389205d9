<?php

declare(strict_types=1);

namespace App\Planning\Wording;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Frame\Wording;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Trigger\Arming;

/** What is said of a schedule that watches a gauge. */
final readonly class ConditionWording
{
    public function __construct(private Wording $wording)
    {
    }

    /** when Bearing temperature is above 75 °C, 2 readings in a row; null without a condition */
    public function said(Schedule $schedule): ?string
    {
        if ($schedule->gauge_id === null || $schedule->gauge === null) {
            return null;
        }

        return "when {$schedule->gauge->name} is ".
            ($schedule->condition_beyond === 'low' ? 'below' : 'above').
            " {$schedule->gauge->text($schedule->condition_limit)}".
            ($schedule->condition_readings > 1 ? ", {$schedule->condition_readings} readings in a row" : '').
            ((float) $schedule->condition_hysteresis > 0.0
                ? ", again once it was back by {$schedule->gauge->text($schedule->condition_hysteresis)}"
                : '');
    }

    /** How near its condition is, or what made it due. Empty without one. */
    public function stands(Schedule $schedule): string
    {
        $gauge = $schedule->gauge;
        if ($gauge === null) {
            return '';
        }
        if ($schedule->standing->condition_on !== null) {
            return "{$gauge->name} made it due on {$this->wording->day($schedule->standing->condition_on)}: ".
                "{$this->reading($gauge, $schedule->standing->condition_reading_id)}";
        }
        $waits =
            $schedule->state()->condition?->arming === Arming::Waiting
                ? '; it was skipped, and counts again once a reading is back inside'
                : '';

        return $gauge->last_shown === null
            ? "{$gauge->name} has no reading yet"
            : "{$gauge->name} shows {$gauge->text($gauge->last_shown)}{$waits}";
    }

    /** What made a visit due, where a gauge did. */
    public function madeDue(Visit $visit): string
    {
        $gauge = $visit->reading_id === null ? null : $visit->schedule->gauge;

        return $gauge === null ? '' : "{$gauge->name} showed {$this->reading($gauge, $visit->reading_id)}";
    }

    private function reading(Meter $gauge, ?int $id): string
    {
        $row = DB::table('readings')
            ->where('id', $id)
            ->first(['shown', 'on_day']);

        return $row === null ? '' : "{$gauge->text($row->shown)} on {$this->wording->day($row->on_day)}";
    }
}
