<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\Quantity;

/** Counts a schedule on after one of its visits was done, or skipped as if it had been done when planned. */
final readonly class CompleteVisit
{
    public function __construct(
        private KeepStanding $stand,
        private NoteDecision $note,
        private FactsOf $facts,
        private Clock $clock,
        private SiteDays $sites,
    ) {
    }

    /**
     * @param  string|null  $skipped the reason, when the visit was not done but skipped
     * @param  DateTimeImmutable|null  $at when it was finished, for the reading of its counter; the middle of the
     *     day where it is not known
     */
    public function __invoke(
        Visit $visit,
        LocalDate $day,
        ?string $skipped = null,
        ?DateTimeImmutable $at = null,
        ?Actor $by = null,
    ): Schedule {
        return DB::transaction(function () use ($visit, $day, $skipped, $at, $by): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($visit->schedule_id);
            if ($visit->state !== VisitState::InHand) {
                return $schedule;
            }
            $instant = $at?->getTimestamp() ?? $this->sites->site($schedule->site_id)->middayOf($day);
            $done = Done::on($visit->taken(), $day, $instant);
            $facts = ($this->facts)($schedule);
            [$rule, $state] = [$schedule->agreed(), $schedule->state()];
            $step =
                $skipped === null
                    ? $rule->completed($state, $done, $facts)
                    : $rule->skipped($state, $done, $facts, $this->clock->now()->getTimestamp());
            $visit
                ->fill([
                    'state' => $skipped === null ? VisitState::Done : VisitState::Skipped,
                    'done_on' => $skipped === null ? (string) $day : null,
                    'done_at' => $skipped === null ? gmdate('Y-m-d H:i:s', $instant) : null,
                    'done_total' => $step->doneTotal === null ? null : Quantity::plain($step->doneTotal),
                    'note' => $skipped,
                    'before' => $state->toArray(),
                ])
                ->save();
            foreach ($step->passed as $passed) {
                Visit::passed($schedule, $passed, VisitState::Missed);
            }
            $schedule->standing->given();

            ($this->stand)($schedule, $step->state, $facts);
            if ($skipped !== null) {
                ($this->note)($by, $schedule, Decision::Skip, $day);
            }

            return $schedule;
        });
    }
}
