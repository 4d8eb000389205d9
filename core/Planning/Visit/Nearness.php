<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;

/** How near a visit is. */
enum Nearness: string
{
    case Clear = 'clear';
    case Near = 'near';
    case Due = 'due';
    case Late = 'late';
    case InHand = 'in hand';

    /** The rank of what no schedule is going on. */
    public const NO_RANK = 5;

    /**
     * clear, then near from $nearFrom, due from the day, late from $lateFrom, in hand while an open order covers it.
     *
     * @param  LocalDate|null  $lateFrom the day after the planned one; null for an expected date, which is never
     *     late by itself
     */
    public static function on(
        LocalDate $today,
        LocalDate $nearFrom,
        LocalDate $planned,
        ?LocalDate $lateFrom,
        bool $inHand = false,
    ): self {
        return match (true) {
            $inHand => self::InHand,
            $lateFrom !== null && ! $today->isBefore($lateFrom) => self::Late,
            ! $today->isBefore($planned) => self::Due,
            ! $today->isBefore($nearFrom) => self::Near,
            default => self::Clear,
        };
    }

    /**
     * The day on which {@see on()} may next give another answer; null when it stays as it is until something is
     * recorded.
     *
     * @param  LocalDate|null  $lateFrom  as in on()
     */
    public static function changesOn(
        LocalDate $today,
        LocalDate $nearFrom,
        LocalDate $planned,
        ?LocalDate $lateFrom,
        bool $inHand = false,
    ): ?LocalDate {
        $ahead = array_filter(
            [$nearFrom, $planned, $lateFrom],
            static fn (?LocalDate $day): bool => $day !== null && $day->isAfter($today),
        );

        return $inHand || $ahead === []
            ? null
            : array_reduce(
                $ahead,
                static fn (?LocalDate $first, LocalDate $day): LocalDate => $first === null || $day->isBefore($first)
                    ? $day
                    : $first,
            );
    }

    /**
     * How near an asset with several schedules is: as its most urgent free visit; where that is clear or there is
     * none, in hand while an open order covers another.
     *
     * @param  self|null  $next  the most urgent visit that no order covers; null for none
     * @param  bool  $inHand  whether an open order covers any other
     */
    public static function together(?self $next, bool $inHand): ?self
    {
        return $inHand && ($next === null || $next === self::Clear) ? self::InHand : $next;
    }

    /**
     * Where it stands in a list that is sorted by what needs somebody first: 0 late, 1 due, 2 near, 3 in hand, 4
     * clear.
     */
    public function rank(): int
    {
        return match ($this) {
            self::Late => 0,
            self::Due => 1,
            self::Near => 2,
            self::InHand => 3,
            self::Clear => 4,
        };
    }
}
