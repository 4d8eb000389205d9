<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

/** What leads a schedule: its dates by one of three rules, the use that a meter counts, or what a gauge shows. */
enum RuleKind: string
{
    case Interval = 'interval';
    case Weekdays = 'weekdays';
    case NthWeekday = 'nth';
    case Usage = 'usage';
    case Condition = 'condition';

    /** In words, after “by”: “nth weekday”. */
    public function words(): string
    {
        return $this === self::NthWeekday ? 'nth weekday' : $this->value;
    }

    /** Whether its dates come from the calendar. */
    public function isByCalendar(): bool
    {
        return $this !== self::Usage && $this !== self::Condition;
    }

    /**
     * What has to be said for a new schedule besides its name and asset, as the columns of a schedule file name it.
     *
     * For the nth weekday: method, every, first_date, weekdays, which.
     *
     * @return list<string>
     */
    public function needs(): array
    {
        return [
            'method',
            ...match ($this) {
                self::Interval => ['every', 'first_date'],
                self::Weekdays => ['every', 'first_date', 'weekdays'],
                self::NthWeekday => ['every', 'first_date', 'weekdays', 'which'],
                self::Usage => ['meter', 'every_units'],
                self::Condition => ['gauge', 'limit'],
            },
        ];
    }
}
