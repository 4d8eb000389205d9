<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\FactsOf;
use App\Platform\Sites\SiteDays;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Visit\VisitState;

/**
 * Counts a schedule again from what was recorded: from the last decision by hand, or from the last visit that was
 * done since and the state before that; and all that follows from it.
 */
final readonly class RecountStandings
{
    public function __construct(private FactsOf $facts, private SiteDays $sites, private KeepStanding $stand)
    {
    }

    /** @return array<string, array{mixed, mixed}> what stands otherwise than counted: kept and counted, by column */
    public function differences(Schedule $schedule): array
    {
        $facts = ($this->facts)($schedule);
        $again = clone $schedule;
        $counted = KeepStanding::fill($again, $this->state($schedule, $facts), $facts);
        $this->coverAgain($counted);
        $differ = [];
        foreach ([[$schedule, $counted], [$schedule->standing, $counted->standing]] as [$kept, $new]) {
            foreach (array_diff(array_keys($new->getDirty()), self::asReleased($schedule)) as $column) {
                $differ[$column] = [$kept->getRawOriginal($column), $new->getAttributes()[$column]];
            }
        }

        return $differ;
    }

    /**
     * What a visit in hand keeps as it was released, whatever was read since.
     *
     * @return list<string> columns
     */
    private static function asReleased(Schedule $schedule): array
    {
        $isRead = $schedule->meter_id !== null || $schedule->gauge_id !== null;

        return $isRead && $schedule->standing->isInHand() ? KeepStanding::BY_READINGS : [];
    }

    /** Stands it as counted. */
    public function mend(int $scheduleId): void
    {
        DB::transaction(function () use ($scheduleId): void {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($scheduleId);
            $facts = ($this->facts)($schedule);
            $this->coverAgain($schedule);
            ($this->stand)($schedule, $this->state($schedule, $facts), $facts);
        });
    }

    /** Whether an open order covers its next visit is known from the visit. */
    private function coverAgain(Schedule $schedule): void
    {
        $visit = Visit::query()->where('schedule_id', $schedule->id)->where('state', VisitState::InHand)->first();
        $visit === null ? $schedule->standing->given() : $schedule->standing->takenBy($visit);
    }

    private function state(Schedule $schedule, Facts $facts): ScheduleState
    {
        $decided = ScheduleState::fromArray(
            json_decode(
                (string) DB::table('schedule_decisions')
                    ->where('schedule_id', $schedule->id)
                    ->orderByDesc('id')
                    ->value('state'),
                true,
                512,
                JSON_THROW_ON_ERROR,
            ),
        );
        $last = Visit::query()
            ->where('schedule_id', $schedule->id)
            ->where('state', VisitState::Done)
            ->where('number', '>=', $decided->number)
            ->orderByDesc('number')
            ->first();
        if ($last === null || $last->before === null) {
            return $decided;
        }
        $day = LocalDate::parse((string) $last->done_on);
        $instant = $last->done_at === null
            ? $this->sites->site($schedule->site_id)->middayOf($day)
            : (new DateTimeImmutable($last->done_at, new DateTimeZone('UTC')))->getTimestamp();
        $done = Done::on($last->taken(), $day, $instant);
        if ($schedule->standing->isInHand()) {
            // What is in hand stays as it was released, whatever was read of the visit before it since.
            $done = $done->at(Schedule::quantity($last->done_total));
        }

        return $schedule->agreed()->completed(ScheduleState::fromArray($last->before), $done, $facts)->state;
    }
}
