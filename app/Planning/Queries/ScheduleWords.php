<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;

/** A schedule said as a sentence, and why its next date is what it is. */
final readonly class ScheduleWords
{
    public const WEEKDAYS = [1 => 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    public const NTH = [1 => 'first', 2 => 'second', 3 => 'third', 4 => 'fourth', 5 => 'fifth', -1 => 'last'];

    public const MONTHS = [1 => 'Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    public const MOVES = ['keep' => 'stays there', 'forward' => 'moves to the next working day', 'back' => 'moves to the working day before', 'nearest' => 'moves to the nearest working day'];

    public function __construct(private Wording $wording)
    {
    }

    /** every 14 days; every 2 weeks on Tue, Fri; on the last Fri of every month */
    public function every(Schedule $schedule): string
    {
        $unit = rtrim($schedule->unit, 's');
        $every = $schedule->every === 1 ? "every {$unit}" : "every {$schedule->every} {$unit}s";
        $days = implode(', ', array_map(static fn (int $day): string => self::WEEKDAYS[$day], Schedule::numbers($schedule->weekdays)));
        $text = match ($schedule->rule) {
            Schedule::WEEKDAYS => "{$every} on {$days}",
            Schedule::NTH => 'on the '.(self::NTH[$schedule->nth] ?? '?')." {$days} of {$every}",
            default => $every,
        };
        if ($schedule->months !== null) {
            $text .= ', in '.implode(', ', array_map(static fn (int $month): string => self::MONTHS[$month], Schedule::numbers($schedule->months)));
        }

        return $text;
    }

    public function sentence(Schedule $schedule): string
    {
        return ucfirst($this->every($schedule)).'; '.$this->carryOver($schedule).'; order made '.$this->lead($schedule).'.';
    }

    public function lead(Schedule $schedule): string
    {
        if ($schedule->lead_unit === 'percent') {
            return "when {$schedule->lead} % of the interval is left";
        }

        return $schedule->lead === 0 ? 'on the day' : ($schedule->lead === 1 ? '1 day before' : "{$schedule->lead} days before");
    }

    public function carryOver(Schedule $schedule): string
    {
        return match (true) {
            $schedule->rule !== Schedule::INTERVAL, $schedule->late_share === 0 && $schedule->early_share === 0 => 'kept to the calendar',
            $schedule->late_share === 100 && $schedule->early_share === 100 => 'counted from completion',
            $schedule->early_share === 0 => "{$schedule->late_share} % of lateness carried over",
            $schedule->late_share === 0 => "{$schedule->early_share} % of earliness carried over",
            default => "{$schedule->late_share} % of lateness and {$schedule->early_share} % of earliness carried over",
        };
    }

    /** done 8 days late, carry-over 50 %: 4 days later */
    public function because(Schedule $schedule): string
    {
        $because = $schedule->because;
        if ($because === null) {
            return $schedule->last_done_on === null ? 'counted from the first date '.$this->wording->day($schedule->anchor_on) : 'counted from when it was last done, '.$this->wording->day($schedule->last_done_on);
        }
        $late = (int) $because['late'];
        $moved = (int) $because['moved'];
        $days = static fn (int $n): string => abs($n).' '.(abs($n) === 1 ? 'day' : 'days');
        $text = match (true) {
            (bool) $because['skipped'] => 'skipped, counts on as if done on '.$this->wording->day($because['planned']),
            $late > 0 => "done {$days($late)} late",
            $late < 0 => "done {$days($late)} early",
            default => 'done on the day',
        };
        $text .= $moved === 0 && (int) $because['share'] === 0 ? ', kept to the calendar' : ", carry-over {$because['share']} %: ".($moved === 0 ? 'no change' : $days($moved).($moved > 0 ? ' later' : ' earlier'));

        return $text.((int) $because['missed'] > 0 ? '; '.$because['missed'].' passed meanwhile and '.((int) $because['missed'] === 1 ? 'is' : 'are').' missed' : '');
    }

    /** How its next date stands today: in 12 d, due today, 6 d late, in hand W-1042, held up since. */
    public function standing(Schedule $schedule): string
    {
        $days = $this->wording->today()->daysUntil(LocalDate::parse($schedule->next_due_on));

        return match (true) {
            $schedule->ended => 'ended',
            $schedule->held_from !== null => 'held up: asset not in use since '.$this->wording->day($schedule->held_from),
            $schedule->in_hand !== null => "in hand {$schedule->in_hand}",
            $days === 0 => 'due today',
            $days < 0 => -$days.' d late',
            $days === 1 => 'tomorrow',
            default => "in {$days} d",
        };
    }
}
