<?php

declare(strict_types=1);

namespace App\Planning\Wording;

use App\Planning\Models\Schedule;
use App\Platform\Frame\Wording;
use Sundial\Planning\Schedule\CountedFrom;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Why;
use Sundial\Planning\Trigger\Leading;
use Sundial\Support\Quantity;

/** Why the next date of a schedule is what it is, from the reasons that its state keeps. */
final readonly class WhyWording
{
    public function __construct(private Wording $wording, private ConditionWording $conditions)
    {
    }

    /** done 8 days late, carry-over 50 %: 4 days later; moved from Sunday 12 April, a day of rest */
    public function because(Schedule $schedule): string
    {
        $state = $schedule->state();

        return implode(
            '; ',
            array_filter([
                $this->countedFrom($schedule, $state),
                ...$this->gaveWay($state->why),
                $this->ledBy($schedule),
                $this->restDay($schedule, $state),
                $state->move === null ? null : "moved by hand from {$this->wording->day($state->move->from)}",
            ]),
        );
    }

    private function countedFrom(Schedule $schedule, ScheduleState $state): string
    {
        $why = $state->why;
        $day = $why->day === null ? '' : $this->wording->day($why->day);
        $byUse = $schedule->standing->calendar_on === null && $state->usage !== null && $schedule->meter !== null;
        $from = $byUse ? $schedule->meter->text($schedule->meter->shownAt($state->usage->anchor)) : $day;

        return match (true) {
            $why->led !== null => $this->afterVisit($schedule, $why),
            $why->from === CountedFrom::Return => "went on after a hold on {$day}",
            // Readings count from a moment, not from a first date.
            $schedule->rule === Schedule::CONDITION => $why->from === CountedFrom::LastDone
                ? "its gauge is watched since it was last done, {$day}"
                : 'its gauge is watched since the schedule began',
            $why->from === CountedFrom::LastDone => $byUse
                ? "counted from {$from}, when it was last done, {$day}"
                : "counted from when it was last done, {$day}",
            $why->from === CountedFrom::Here => "counted from {$from}, as somebody chose",
            default => $byUse ? "counted from {$from}" : "counted from the first date {$from}",
        };
    }

    private function afterVisit(Schedule $schedule, Why $why): string
    {
        $byUse = $why->led === Leading::Usage && $schedule->meter !== null;
        $much = static fn (int $n): string => $byUse
            ? (string) $schedule->meter?->text(Quantity::plain(abs($n)))
            : abs($n).' '.(abs($n) === 1 ? 'day' : 'days');
        $done = match (true) {
            $why->from === CountedFrom::Skipped => 'skipped, counts on as if done on '.
                ($why->day === null ? 'its day' : $this->wording->day($why->day)),
            $why->led === Leading::Condition => 'done '.($why->day === null ? '' : $this->wording->day($why->day)),
            $why->late > 0 => "done {$much($why->late)} late",
            $why->late < 0 => "done {$much(-$why->late)} early",
            default => $byUse ? 'done at its reading' : 'done on the day',
        };
        $moved = match (true) {
            // What a gauge made due restarts whatever else counts.
            $why->led === Leading::Condition => $schedule->rule === Schedule::CONDITION
                ? ', its gauge is watched since'
                : ', all counts from there',
            $why->carried === 0 && $why->share === 0 => $byUse ? ', kept to its readings' : ', kept to the calendar',
            $why->carried === 0 => ", carry-over {$why->share} %: no change",
            default => ", carry-over {$why->share} %: {$much($why->carried)} ".
                ($why->carried > 0 ? 'later' : 'earlier'),
        };
        $missed =
            $why->missed === 0
                ? ''
                : "; {$why->missed} passed meanwhile and ".($why->missed === 1 ? 'is' : 'are').' missed';

        return $done.$moved.$missed;
    }

    /** @return list<string> */
    private function gaveWay(Why $why): array
    {
        return [
            ...$why->outOfSeason === null
                ? []
                : [$this->wording->day($why->outOfSeason).' lies in a month without visits'],
            ...$why->tooNear === null
                ? []
                : [$this->wording->day($why->tooNear).' came too soon after it was done'],
        ];
    }

    /** Which trigger leads, where there are several. */
    private function ledBy(Schedule $schedule): ?string
    {
        [$leading, $calendarOn] = [$schedule->standing->leading, $schedule->standing->calendar_on];

        return match (true) {
            $leading === Leading::Condition && $schedule->gauge !== null => $this->conditions->stands($schedule),
            $leading === Leading::Usage && $calendarOn !== null => 'its counter comes before '.
                $this->wording->day($calendarOn),
            default => null,
        };
    }

    /** moved from Sunday 12 April, a day of rest */
    private function restDay(Schedule $schedule, ScheduleState $state): ?string
    {
        $point = $state->calendar?->point;

        return $point === null ||
            $schedule->standing->leading !== Leading::Calendar ||
            $schedule->standing->calendar_on === null ||
            (string) $point === $schedule->standing->calendar_on
            ? null
            : "moved from {$this->wording->day($point)}, a day of rest";
    }
}
