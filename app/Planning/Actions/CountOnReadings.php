<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use App\Register\Models\Meter;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Visit\VisitState;

/**
 * Counts a schedule afresh after the readings of its counter changed: the total at which the last visit was done is
 * taken from the
 * readings that stand now, and the next date follows. A visit in hand is left as it was released.
 */
final readonly class CountOnReadings
{
    private const GONE = 'the reading that made it due was struck out';

    public function __construct(
        private KeepStanding $stand,
        private TakeBackCompletion $takeBack,
        private CompleteVisit $complete,
        private FactsOf $facts,
    ) {
    }

    /** @param  Meter|null  $meter  the counter or gauge whose readings changed, as it stands now */
    public function __invoke(int $scheduleId, ?Meter $meter = null): Schedule
    {
        return DB::transaction(function () use ($scheduleId, $meter): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($scheduleId);
            if ($meter !== null) {
                $schedule->setRelation($meter->isGauge() ? 'gauge' : 'meter', $meter);
            }
            if ($schedule->ended) {
                return $schedule;
            }
            if ($schedule->standing->in_hand !== null) {
                return $this->checkVisitInHand($schedule);
            }
            $last = Visit::query()
                ->where('schedule_id', $schedule->id)
                ->where('state', VisitState::Done)
                ->orderByDesc('number')
                ->first();
            if ($last !== null && $last->done_at !== null && $last->before !== null) {
                $at = new DateTimeImmutable($last->done_at, new DateTimeZone('UTC'));
                $done = LocalDate::parse((string) $last->done_on);
                $now = ($this->facts)($schedule)->counter?->totalAt($at->getTimestamp(), $done);
                if (
                    $now !== Schedule::quantity($last->done_total) &&
                    ($this->takeBack)($last, (string) $last->label)
                ) {
                    return ($this->complete)($last->refresh(), $done, null, $at);
                }
            }

            return ($this->stand)($schedule, $schedule->state());
        });
    }

    /** A released order is never withdrawn; when the reading that made it due is gone, its visit says so. */
    private function checkVisitInHand(Schedule $schedule): Schedule
    {
        $visit = Visit::query()->where('schedule_id', $schedule->id)->where('state', VisitState::InHand)->first();
        if ($visit !== null) {
            $gone =
                $visit->leading === Leading::Condition
                    ? $visit->reading_id !== null &&
                        DB::table('reading_strikes')->where('reading_id', $visit->reading_id)->exists()
                    : UsageTrigger::lostItsGround(
                        $visit->leading,
                        (bool) $visit->expected,
                        Schedule::quantity($visit->due_total),
                        $this->facts->counter($schedule)?->standing()?->total,
                    );
            $visit
                ->fill(['note' => $gone ? self::GONE : ($visit->note === self::GONE ? null : $visit->note)])
                ->save();
        }

        return $schedule;
    }
}
