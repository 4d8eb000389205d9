<?php

declare(strict_types=1);

namespace Sundial\Stops;

use DateTimeZone;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Support\InvalidInput;

/** When a line is worked: its shifts of a week, and whether it stands on the holidays of its site. */
final readonly class ShiftPattern
{
    /** @param  list<ShiftTurn>  $turns  in the order of their beginning */
    private function __construct(public array $turns, public bool $standsOnHolidays)
    {
    }

    /** @throws InvalidInput no_shift, overlapping_shifts, same_name */
    public static function of(ShiftTurn ...$turns): self
    {
        usort($turns, static fn (ShiftTurn $a, ShiftTurn $b): int => $a->from <=> $b->from);
        $names = array_map(static fn (ShiftTurn $one): string => mb_strtolower($one->name), $turns);
        if ($turns === []) {
            throw InvalidInput::because('no_shift', 'shifts', 'A pattern has at least one shift.');
        }
        if (count(array_unique($names)) < count($names)) {
            throw InvalidInput::because('same_name', 'shifts', 'Two shifts have the same name.');
        }
        self::checkWeek($turns);

        return new self($turns, false);
    }

    /** On days of rest of the site no shift begins; weekly rest days are those that no shift names. */
    public function standingOnHolidays(): self
    {
        return new self($this->turns, true);
    }

    /** @return list<ShiftSlot> those that begin on a day */
    public function on(LocalDate $day, DateTimeZone $zone, WorkingDays $site): array
    {
        if ($this->standsOnHolidays && $site->isHoliday($day)) {
            return [];
        }
        $turns = array_filter($this->turns, static fn (ShiftTurn $one): bool => $one->isOn($day));

        return array_values(array_map(static fn (ShiftTurn $one): ShiftSlot => $one->on($day, $zone), $turns));
    }

    /**
     * Shifts of a line follow each other, over midnight and from Sunday to Monday too.
     *
     * @param  array<int, ShiftTurn>  $turns
     */
    private static function checkWeek(array $turns): void
    {
        $spans = [];
        foreach ($turns as $turn) {
            foreach ($turn->weekdays as $day) {
                foreach ([$day, $day + 7] as $at) {
                    $spans[] = Span::between($at * 1440 + $turn->from, $at * 1440 + $turn->to);
                }
            }
        }
        LineTime::checkShifts(...$spans);
    }
}
