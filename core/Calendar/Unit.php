<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/** The unit in which a calendar interval is counted. */
enum Unit: string
{
    case Days = 'days';
    case Weeks = 'weeks';
    case Months = 'months';
    case Years = 'years';

    /** day + n units; months and years are cut to the month's last day. */
    public function after(LocalDate $day, int $count): LocalDate
    {
        return match ($this) {
            self::Days => $day->plusDays($count),
            self::Weeks => $day->plusDays(7 * $count),
            self::Months => $day->plusMonthsClamped($count),
            self::Years => $day->plusMonthsClamped(12 * $count),
        };
    }
}
