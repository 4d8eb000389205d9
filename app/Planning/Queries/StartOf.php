<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Meter;
use App\Register\Queries\MeterHistory;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlausibleDay;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What is known when a schedule begins, or begins to count afresh under another rule. */
final readonly class StartOf
{
    public function __construct(private MeterHistory $history, private Clock $clock, private SiteDays $sites)
    {
    }

    /**
     * @param  string|null  $usageLast what the counter showed when it was last done; null: what it showed on that
     *     day, or shows now
     *
     * @throws InvalidInput
     */
    public function __invoke(Schedule $schedule, ?string $usageLast = null): Start
    {
        $site = $this->sites->site($schedule->site_id);
        $last = Schedule::day($schedule->last_done_on);
        if ($last !== null && $schedule->isDirty('last_done_on')) {
            $today = $this->sites->today($site->id);
            PlausibleDay::check($last, $today, 'last_done_on', 'The day on which it was last done', 150, 0);
        }
        $start = Start::at($this->number($schedule), $last);
        $start = $schedule->exists ? $start->usedUntil($this->lastUsed($schedule->id)) : $start;
        if ($schedule->meter_id !== null) {
            $meter = Meter::query()->findOrFail($schedule->meter_id);
            $start = $start->countingFrom($this->usageAnchor($schedule, $meter, $last, $usageLast));
        }

        return $schedule->gauge_id === null
            ? $start
            : $start->watchingSince($last === null ? $this->clock->now()->getTimestamp() : $site->endOf($last));
    }

    /** Before its first visit, the start says which of the ladder comes first. */
    private function number(Schedule $schedule): int
    {
        return $schedule->exists && $schedule->visits()->exists()
            ? $schedule->standing->next_number
            : $schedule->ladder_start;
    }

    /** The total from which a usage trigger counts. */
    private function usageAnchor(Schedule $schedule, Meter $meter, ?LocalDate $last, ?string $usageLast): int
    {
        $standing =
            $meter->standing() ??
            throw InvalidInput::because(
                'no_reading',
                'meter_id',
                "{$meter->name} has no reading yet. Take its first reading, then count on it.",
            );
        if ($usageLast !== null && trim($usageLast) !== '') {
            $shown = Quantity::parse($usageLast, 'usage_last');
            if ($shown > Quantity::parse((string) $meter->last_shown)) {
                throw InvalidInput::because(
                    'ahead',
                    'usage_last',
                    "{$meter->name} shows {$meter->text($meter->last_shown)} now; what it showed when the work was ".
                    'last done cannot lie above that.',
                );
            }

            return $standing->total - (Quantity::parse((string) $meter->last_shown) - $shown);
        }
        $done = $schedule->exists
            ? Visit::query()
                ->where('schedule_id', $schedule->id)
                ->where('state', VisitState::Done)
                ->orderByDesc('number')
                ->value('done_total')
            : null;
        if ($done !== null) {
            return Quantity::parse((string) $done);
        }
        if ($last !== null) {
            $midday = $this->sites->site($schedule->site_id)->middayOf($last);

            return $this->history->totalAt($meter, $midday, $last) ?? $standing->total;
        }

        return $standing->total;
    }

    /**
     * The date of the last visit that was done, skipped, missed or suspended: none is planned again on or before it.
     */
    private function lastUsed(int $scheduleId): ?LocalDate
    {
        $last = Visit::query()
            ->where('schedule_id', $scheduleId)
            ->whereNotIn('state', [VisitState::InHand, VisitState::GivenBack])
            ->max('planned_on');

        return $last === null ? null : LocalDate::parse((string) $last);
    }
}
