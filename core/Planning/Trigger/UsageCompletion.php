<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

/**
 * What a visit completed at a total makes of a usage trigger: fixed, floating and next as for dates, in the meter's
 * units.
 *
 *     fixed    = the first of the anchor's points above the completed one that lies above the total at completion
 *     floating = total at completion + every
 *     next     = fixed + share x (floating - fixed), to the thousandth
 */
final readonly class UsageCompletion
{
    /** How many passed points are listed one by one. */
    private const LISTED = 1000;

    /** @param  list<int>  $missed totals of the points that passed without a visit */
    private function __construct(
        public int $next,
        public ?int $newAnchor,
        public array $missed,
        public int $late,
        public int $share,
        public int $fixed,
    ) {
    }

    /**
     * @param  int  $due  the total at which the visit was due, thousandths
     * @param  int  $done  the total at completion
     */
    public static function of(UsageTrigger $trigger, int $due, int $done): self
    {
        $late = $done - $due;
        $share = $trigger->carryOver->share($late);
        $fixed = $trigger->pointAfter(max($due, $done));
        if ($share > 0) {
            $next = $fixed + CarryOver::part($share, $done + $trigger->every - $fixed);

            return new self($next, $next, [], $late, $share, $fixed);
        }
        $missed = [];
        // Of very many, as after a wrong start, the last are listed.
        $first = $trigger->pointAfter(max($due, $done - self::LISTED * $trigger->every));
        for ($point = $first; $point < $done; $point += $trigger->every) {
            $missed[] = $point;
        }

        return new self($fixed, null, $missed, $late, 0, $fixed);
    }
}
