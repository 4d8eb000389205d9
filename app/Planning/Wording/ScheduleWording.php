<?php

declare(strict_types=1);

namespace App\Planning\Wording;

use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;

/** A schedule said as a sentence, and why its next date is what it is. */
final readonly class ScheduleWording
{
    public const WEEKDAYS = Wording::WEEKDAYS;

    public const NTH = [1 => 'first', 2 => 'second', 3 => 'third', 4 => 'fourth', 5 => 'fifth', -1 => 'last'];

    public const MOVES = [
        'keep' => 'stays there',
        'forward' => 'moves to the next working day',
        'back' => 'moves to the working day before',
        'nearest' => 'moves to the nearest working day',
    ];

    public function __construct(
        private Wording $wording,
        private ConditionWording $conditions,
        private WhyWording $why,
    ) {
    }

    /** every 14 days; every 2 weeks on Tue, Fri; on the last Fri of every month */
    public function every(Schedule $schedule): string
    {
        $unit = rtrim($schedule->unit, 's');
        $every = $schedule->every === 1 ? "every {$unit}" : "every {$schedule->every} {$unit}s";
        $days = implode(
            ', ',
            array_map(static fn (int $day): string => self::WEEKDAYS[$day], Schedule::numbers($schedule->weekdays)),
        );
        $use =
            $schedule->meter_id === null || $schedule->meter === null
                ? null
                : "every {$schedule->meter->text($schedule->usage_every)}";
        $text = match ($schedule->rule) {
            Schedule::USAGE => (string) $use,
            Schedule::CONDITION => (string) $this->conditions->said($schedule),
            Schedule::WEEKDAYS => "{$every} on {$days}",
            Schedule::NTH => 'on the '.(self::NTH[$schedule->nth] ?? '?')." {$days} of {$every}",
            default => $every,
        };
        $others = array_filter([
            $schedule->rule === Schedule::USAGE ? null : $use,
            $schedule->rule === Schedule::CONDITION ? null : $this->conditions->said($schedule),
        ]);
        if ($others !== []) {
            $text .= ' or '.implode(' or ', $others).', whichever first';
        }
        if ($schedule->months !== null) {
            $text .=
                ', in '.
                implode(
                    ', ',
                    array_map(
                        static fn (int $month): string => LocalDate::MONTHS[$month],
                        Schedule::numbers($schedule->months),
                    ),
                );
        }

        return $text;
    }

    /** How near its condition is, or what made it due. Empty without one. */
    public function conditionStands(Schedule $schedule): string
    {
        return $this->conditions->stands($schedule);
    }

    /** What made a visit due, where a gauge did. */
    public function madeDue(Visit $visit): string
    {
        return $this->conditions->madeDue($visit);
    }

    /** done 8 days late, carry-over 50 %: 4 days later; moved from Sunday 12 April, a day of rest */
    public function because(Schedule $schedule): string
    {
        return $this->why->because($schedule);
    }

    /** Why no order will be made although a date stands; null: it will be. */
    public function noOrder(Schedule $schedule): ?string
    {
        $schedule->loadMissing('method');

        return match (true) {
            $schedule->held_from !== null &&
            $schedule->pause_reason === null => 'No order is made: its asset is not in use.',
            ! $this->isInForce($schedule->method) => 'No order is made: its method is a draft and not in force yet.',
            default => null,
        };
    }

    /** Asked together with the method where a list does so. */
    private function isInForce(Method $method): bool
    {
        $known = $method->getAttributes()['in_force_exists'] ?? null;

        return $known === null ? $method->inForce()->exists() : (bool) $known;
    }

    /** When the order of its next visit is made, or why none is. */
    public function orderMade(Schedule $schedule): string
    {
        return $this->noOrder($schedule) ??
            "Its order is made on {$this->wording->day($schedule->standing->release_on)}, by itself.";
    }

    /** Why no date stands: nobody can say when a gauge will pass its limit, or a counter has no rate. */
    public function noDate(Schedule $schedule): string
    {
        return $schedule->rule === Schedule::CONDITION
            ? 'It falls due when its gauge says so; no date can be told beforehand.'
            : 'No date can be expected yet: its meter has no rate.';
    }

    public function sentence(Schedule $schedule): string
    {
        return ucfirst($this->every($schedule)).
            '; '.
            $this->carryOver($schedule).
            '; order made '.
            $this->lead($schedule).
            '.';
    }

    public function lead(Schedule $schedule): string
    {
        if ($schedule->lead_unit === 'percent') {
            return "when {$schedule->lead} % of the interval is left";
        }

        return $schedule->lead === 0
            ? 'on the day'
            : ($schedule->lead === 1
                ? '1 day before'
                : "{$schedule->lead} days before");
    }

    public function carryOver(Schedule $schedule): string
    {
        return match (true) {
            $schedule->rule === Schedule::CONDITION => 'counted from completion',
            ! in_array($schedule->rule, [Schedule::INTERVAL, Schedule::USAGE], true) && $schedule->meter_id === null,
            $schedule->late_share === 0 && $schedule->early_share === 0 => 'kept to the calendar',
            $schedule->late_share === 100 && $schedule->early_share === 100 => 'counted from completion',
            $schedule->early_share === 0 => "{$schedule->late_share} % of lateness carried over",
            $schedule->late_share === 0 => "{$schedule->early_share} % of earliness carried over",
            default => "{$schedule->late_share} % of lateness and {$schedule->early_share} % of earliness carried over",
        };
    }

    /**
     * What its counter says: due at 4 400 h, expected 26 May, between 21 May and 31 May. Empty without a usage
     * trigger.
     */
    public function usage(Schedule $schedule): string
    {
        $due = Schedule::quantity($schedule->standing->usage_due);
        $meter = $schedule->meter;
        if ($due === null || $meter === null || $meter->last_total === null) {
            return '';
        }
        $text =
            "{$meter->name}: due at {$meter->text($meter->shownAt($due))}, shows ".
            "{$meter->text($meter->last_shown)}";
        if ($schedule->standing->usage_reached) {
            return "{$text}; reached on {$this->wording->day($schedule->standing->usage_on)}";
        }
        if ($schedule->standing->usage_on === null) {
            return "{$text}; no date can be expected, because the meter has no rate";
        }
        $standing = $meter->standing();
        [$early, $late] = [$standing?->earliest($due), $standing?->latest($due)];
        $sure = match (true) {
            $early === null => 'how sure cannot be said yet: fewer than four rates are known',
            $late === null => 'not before '.$this->wording->day($early).', and it may stand still',
            default => "between {$this->wording->day($early)} and {$this->wording->day($late)} at its slow and ".
                'fast rates',
        };

        $expected = $this->wording->day($schedule->standing->usage_on);

        return "{$text}; expected {$expected} at {$meter->rateText()}, {$sure}";
    }

    /** How far the trigger that does not lead has come, in thousandths; null where there is but one. */
    public function otherShare(Schedule $schedule): ?int
    {
        $stands = $schedule->standing;
        if ($stands->calendar_on === null || $stands->usage_on === null) {
            return null;
        }
        $base = LocalDate::parse($stands->base_on);
        $due = LocalDate::parse($stands->leading === Leading::Usage ? $stands->calendar_on : $stands->usage_on);

        return max(0, intdiv(1000 * $base->daysUntil($this->wording->today()), max(1, $base->daysUntil($due))));
    }

    /** Why it makes no orders: paused until 14 March; held up: asset not in use since 2 March. */
    public function heldUp(Schedule $schedule): string
    {
        $pause = $schedule->pause();

        return match (true) {
            $pause?->isOn($this->wording->today()) !== true => 'held up: asset not in use since '.
                $this->wording->day($schedule->held_from),
            $pause->until === null => 'paused since '.$this->wording->day($pause->from),
            default => 'paused until '.$this->wording->day($pause->until),
        };
    }

    /** How its next date stands today: in 12 d, due today, 6 d late, in hand W-1042, held up since. */
    public function standing(Schedule $schedule): string
    {
        $today = $this->wording->today();
        $due = Schedule::day($schedule->standing->next_due_on);
        $days = $due === null ? 0 : $today->daysUntil($due);
        $lateFrom = Schedule::day($schedule->standing->late_from);
        $about = $schedule->standing->expected ? 'about ' : '';

        return match (true) {
            $schedule->ended => 'ended',
            $schedule->held_from !== null => $this->heldUp($schedule),
            $schedule->standing->in_hand !== null => "in hand {$schedule->standing->in_hand}",
            $due === null => $schedule->rule === Schedule::CONDITION
                ? 'waits for its gauge'
                : 'no date yet: its meter has no rate',
            $lateFrom !== null && ! $today->isBefore($lateFrom) => $lateFrom->daysUntil($today) + 1 .' d late',
            $schedule->standing->expected && $days <= 0 => 'due, reading wanted',
            $days === 0 => 'due today',
            $days === 1 => "{$about}tomorrow",
            default => "in {$about}{$days} d",
        };
    }
}
