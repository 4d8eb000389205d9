<?php

declare(strict_types=1);

namespace Sundial\Stops;

use DateTimeZone;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\ZoneTime;
use Sundial\Support\InvalidInput;

/**
 * One shift of a pattern: its name, from when to when by the clock of the site, its breaks, and on which weekdays it is
 * worked. One that ends no later than it begins ends on the next day; it belongs to the day on which it begins.
 */
final readonly class ShiftTurn
{
    private const DAY = 1440;

    /**
     * @param  int  $from  minutes since midnight
     * @param  int  $to  minutes since the same midnight, above $from
     * @param  list<array{int, int}>  $breaks  minutes since the same midnight, in order
     * @param  list<int>  $weekdays  1 Monday to 7 Sunday
     */
    private function __construct(
        public string $name,
        public int $from,
        public int $to,
        public array $breaks,
        public array $weekdays,
    ) {
    }

    /**
     * @param  string  $times  "06:00-14:00"
     * @param  string  $breaks  "12:00-12:30, 09:00-09:10", or nothing
     * @param  list<int>  $weekdays
     *
     * @throws InvalidInput no_name, not_a_time, no_day, break_outside
     */
    public static function of(string $name, string $times, string $breaks, array $weekdays): self
    {
        if (trim($name) === '') {
            throw InvalidInput::because('no_name', 'name', 'Give the shift a name, such as “early”.');
        }
        [$from, $to] = self::stretch($times, 'times', 0);
        $rests = [];
        foreach (array_filter(array_map(trim(...), explode(',', $breaks))) as $one) {
            $rest = self::stretch($one, 'breaks', $from);
            if ($rest[1] > $to) {
                throw InvalidInput::because(
                    'break_outside',
                    'breaks',
                    "The break {$one} does not lie in the shift {$times}.",
                    $one,
                );
            }
            $rests[] = $rest;
        }
        $weekdays = array_values(array_unique(array_filter(
            $weekdays,
            static fn (int $day): bool => $day >= 1 && $day <= 7,
        )));
        sort($weekdays);
        sort($rests);

        return $weekdays === []
            ? throw InvalidInput::because('no_day', 'weekdays', 'Choose at least one weekday on which it is worked.')
            : new self(trim($name), $from, $to, $rests, $weekdays);
    }

    /** On a day, in a zone: the night of a clock change has an hour more or less. */
    public function on(LocalDate $day, DateTimeZone $zone): ShiftSlot
    {
        $at = static fn (int $minutes): int => ZoneTime::in($zone)->instant(
            $day->plusDays(intdiv($minutes, self::DAY)),
            $minutes % self::DAY * 60,
        );
        $span = static function (int $from, int $to) use ($at): Span {
            return Span::between($at($from), max($at($from), $at($to)));
        };

        return new ShiftSlot(
            $this->name,
            $day,
            $span($this->from, $this->to),
            array_map(static fn (array $rest): Span => $span(...$rest), $this->breaks),
        );
    }

    public function isOn(LocalDate $day): bool
    {
        return in_array($day->weekday(), $this->weekdays, true);
    }

    public function times(): string
    {
        return self::said($this->from, $this->to);
    }

    public function restTimes(): string
    {
        return implode(', ', array_map(static fn (array $one): string => self::said(...$one), $this->breaks));
    }

    /** @return array{int, int} minutes; both at or after the first minute that is asked for */
    private static function stretch(string $typed, string $field, int $notBefore): array
    {
        if (preg_match('/^\s*(\d{1,2}):(\d{2})\s*(?:-|–|to)\s*(\d{1,2}):(\d{2})\s*$/u', $typed, $is) !== 1) {
            throw InvalidInput::because('not_a_time', $field, "“{$typed}” is no stretch such as 06:00-14:00.", $typed);
        }
        [$from, $to] = [(int) $is[1] * 60 + (int) $is[2], (int) $is[3] * 60 + (int) $is[4]];
        if (max((int) $is[2], (int) $is[4]) > 59 || $from >= self::DAY || $to > self::DAY) {
            throw InvalidInput::because('not_a_time', $field, "“{$typed}” is no time of a day.", $typed);
        }
        $from += $from < $notBefore ? self::DAY : 0;
        $to += $to <= $from % self::DAY ? self::DAY : 0;
        $to += $to <= $from ? self::DAY : 0;

        return [$from, $to];
    }

    private static function said(int $from, int $to): string
    {
        $clock = static fn (int $minutes): string => sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);

        return "{$clock($from)}-{$clock($to)}";
    }
}
