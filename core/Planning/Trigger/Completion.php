<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;

/**
 * What a completed visit makes of its schedule: the next point and date, the new anchor, the points missed, and why.
 *
 *     fixed    = the first of the anchor's points behind the completed one that lies after the day of completion
 *     floating = day of completion + interval
 * next = fixed + share x (floating - fixed), whole days, half away from zero; share: late % if done after the
 * planned day, else early %
 *
 * "Lies after" is asked of the date to which the site's calendar moves a point, so that no point is lost between a
 * rest day and the day worked for it.
 * A visit done on the day to which the site's calendar moved it is on time, and counts as done on its point. Any
 * share above 0 makes
 * next the new anchor. At late 0 % the points passed before the completion are missed; a point on that day is
 * covered by it.
 */
final readonly class Completion
{
    /**
     * @param  list<LocalDate>  $missed dates, as moved, of the points of three years that passed without a visit
     * @param  LocalDate|null  $tooNear  the point that gave way, because the least gap had not passed
     * @param  LocalDate|null  $outOfSeason  the point that gave way, because it lies in a month without visits
     */
    private function __construct(
        public LocalDate $nextPoint,
        public LocalDate $nextDate,
        public ?LocalDate $newAnchor,
        public array $missed,
        public int $daysLate,
        public int $share,
        public LocalDate $fixed,
        public LocalDate $floating,
        public ?LocalDate $tooNear = null,
        public ?LocalDate $outOfSeason = null,
    ) {
    }

    /**
     * @param  LocalDate  $point  the planned point that was completed, before non-working days moved it
     * @param  LocalDate  $done  the site's local day of the actual finish
     */
    public static function of(CalendarTrigger $trigger, LocalDate $point, LocalDate $done): self
    {
        $planned = $trigger->dateOf($point);
        $late = $planned->daysUntil($done);
        $interval = $trigger->points instanceof Interval ? $trigger->points : null;
        $share = $interval === null ? 0 : $trigger->carryOver->share($late);
        $fixed = $trigger->pointAfter($point, LocalDate::later($planned, $done));
        if ($share === 0) {
            [$missed] = $trigger->passed($trigger->pointAfter($point, $planned), $done);
            $next = self::spaced($trigger, $fixed, $done);

            return new self(
                $next,
                $trigger->dateOf($next),
                null,
                $missed,
                $late,
                0,
                $fixed,
                $fixed,
                $next->is($fixed) ? null : $fixed,
                self::dropped($trigger, $point, LocalDate::later($planned, $done), $fixed),
            );
        }
        $floating = $interval->from($late === 0 ? $point : $done);
        $carried = $fixed->plusDays(CarryOver::part($share, $fixed->daysUntil($floating)));
        $first = $next = $trigger->season->onward($carried);
        // At least a day: a point that the calendar moves back onto the day of completion is the visit just done.
        for (
            $guard = 0;
            $done->daysUntil($trigger->dateOf($next)) < max(1, $trigger->carryOver->leastGap) && $guard < 1000;
            $guard++
        ) {
            $next = $trigger->season->onward($interval->from($next));
        }

        return new self(
            $next,
            $trigger->dateOf($next),
            $next,
            [],
            $late,
            $share,
            $fixed,
            $floating,
            $next->is($first) || $trigger->carryOver->leastGap < 2 ? null : $first,
            $first->is($carried) ? null : $carried,
        );
    }

    /**
     * How many days the carry-over moved the next point away from where the calendar alone would have put it: its
     * share of the difference, before a season or a least gap has its say.
     */
    public function carried(): int
    {
        return CarryOver::part($this->share, $this->fixed->daysUntil($this->floating));
    }

    /** The first point between the completed one and the next that lies in a month without visits. */
    private static function dropped(
        CalendarTrigger $trigger,
        LocalDate $point,
        LocalDate $notOn,
        LocalDate $next,
    ): ?LocalDate {
        if (count($trigger->season->months) === 12) {
            return null;
        }
        $any = $trigger->inAnyMonth()->pointAfter($point, $notOn);

        return $any->isBefore($next) ? $any : null;
    }

    private static function spaced(CalendarTrigger $trigger, LocalDate $point, LocalDate $done): LocalDate
    {
        for (
            $guard = 0;
            $done->daysUntil($trigger->dateOf($point)) < $trigger->carryOver->leastGap && $guard < 1000;
            $guard++
        ) {
            $point = $trigger->pointAfter($point, $trigger->dateOf($point));
        }

        return $point;
    }
}
