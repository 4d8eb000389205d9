<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\VisitCompletion;
use Sundial\Support\InvalidInput;

/**
 * Where a schedule stands: the number of its next visit, what each trigger counts from, what it was last done on, a
 * move by hand, and why.
 *
 * It is kept whole, with the version of its form, so that what a visit changed can be put back as it was.
 */
final readonly class ScheduleState
{
    /** The form in which it is kept. */
    public const VERSION = 1;

    private function __construct(
        public int $number,
        public LocalDate $base,
        public ?LocalDate $lastDone,
        public ?CalendarState $calendar,
        public ?UsageState $usage,
        public ?ConditionState $condition,
        public ?Move $move,
        public Why $why,
    ) {
    }

    /**
     * A schedule that begins; its triggers are stood by with…().
     *
     * @param  int  $number  of its next visit, from 1
     * @param  LocalDate  $base  the last completion, or the start: what has passed of an interval is counted from it
     */
    public static function begun(int $number, LocalDate $base, ?LocalDate $lastDone, Why $why): self
    {
        return new self($number, $base, $lastDone, null, null, null, null, $why);
    }

    public function withCalendar(?CalendarState $calendar): self
    {
        return $this->but(['calendar' => $calendar]);
    }

    public function withUsage(?UsageState $usage): self
    {
        return $this->but(['usage' => $usage]);
    }

    public function withCondition(?ConditionState $condition): self
    {
        return $this->but(['condition' => $condition]);
    }

    /** The same with its next visit moved by hand, or no longer. */
    public function withMove(?Move $move): self
    {
        return $this->but(['move' => $move]);
    }

    /** The same, whose next visit has another number: those between were used up. */
    public function numbered(int $number): self
    {
        return $this->but(['number' => $number]);
    }

    /** The same, that counts on for another reason. */
    public function because(Why $why): self
    {
        return $this->but(['why' => $why]);
    }

    /** What a completion makes of it; the next visit takes the number behind those that were missed. */
    public function after(VisitCompletion $completion, int $number, LocalDate $done, Why $why): self
    {
        [$triggers, $point, $total] = [$completion->triggers, $completion->nextPoint, $completion->nextTotal];

        return new self(
            $number + 1 + $completion->missed(),
            $done,
            $why->from === CountedFrom::Done ? $done : $this->lastDone,
            $triggers->calendar === null || $point === null
                ? null
                : CalendarState::at($triggers->calendar->points->start(), $point),
            $triggers->usage === null || $total === null
                ? null
                : UsageState::at($triggers->usage->anchor, $total),
            $this->condition,
            $this->move,
            $why,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return [
            'version' => self::VERSION,
            'number' => $this->number,
            'base' => (string) $this->base,
            'last_done' => $this->lastDone === null ? null : (string) $this->lastDone,
            'calendar' => $this->calendar === null
                ? null
                : ['anchor' => (string) $this->calendar->anchor, 'point' => (string) $this->calendar->point],
            'usage' => $this->usage === null
                ? null
                : [
                    'anchor' => $this->usage->anchor,
                    'due' => $this->usage->due,
                    'not_before' => $this->usage->notBefore === null ? null : (string) $this->usage->notBefore,
                ],
            'condition' => $this->condition === null
                ? null
                : ['since' => $this->condition->since, 'arming' => $this->condition->arming->value],
            'move' => $this->move === null
                ? null
                : ['from' => (string) $this->move->from, 'to' => (string) $this->move->to],
            'why' => $this->why->toArray(),
        ];
    }

    /**
     * @param  array<string, mixed>  $kept  as {@see toArray()} gives it
     *
     * @throws InvalidInput when it was kept in a form that is not read here
     */
    public static function fromArray(array $kept): self
    {
        $kept = Kept::of($kept);
        if ($kept->whole('version') !== self::VERSION) {
            throw InvalidInput::because('not_kept_so', 'version', 'This schedule was kept in another form.');
        }

        return new self(
            (int) $kept->whole('number'),
            LocalDate::parse((string) $kept->text('base'), 'base'),
            $kept->day('last_done'),
            self::calendarIn($kept->inside('calendar')),
            self::usageIn($kept->inside('usage')),
            self::conditionIn($kept->inside('condition')),
            self::moveIn($kept->inside('move')),
            Why::fromArray($kept->inside('why') ?? []),
        );
    }

    /** @param  array<string, mixed>|null  $kept */
    private static function calendarIn(?array $kept): ?CalendarState
    {
        if ($kept === null) {
            return null;
        }
        $kept = Kept::of($kept);

        return CalendarState::at(
            LocalDate::parse((string) $kept->text('anchor'), 'anchor'),
            LocalDate::parse((string) $kept->text('point'), 'point'),
        );
    }

    /** @param  array<string, mixed>|null  $kept */
    private static function usageIn(?array $kept): ?UsageState
    {
        if ($kept === null) {
            return null;
        }
        $kept = Kept::of($kept);

        return UsageState::at((int) $kept->whole('anchor'), (int) $kept->whole('due'), $kept->day('not_before'));
    }

    /** @param  array<string, mixed>|null  $kept */
    private static function conditionIn(?array $kept): ?ConditionState
    {
        if ($kept === null) {
            return null;
        }
        $kept = Kept::of($kept);

        return ConditionState::since((int) $kept->whole('since'), Arming::from((string) $kept->text('arming')));
    }

    /** @param  array<string, mixed>|null  $kept */
    private static function moveIn(?array $kept): ?Move
    {
        if ($kept === null) {
            return null;
        }
        $kept = Kept::of($kept);

        return Move::of(
            LocalDate::parse((string) $kept->text('from'), 'from'),
            LocalDate::parse((string) $kept->text('to'), 'to'),
        );
    }

    /** @param  array<string, mixed>  $changed  the fields that differ, by name */
    private function but(array $changed): self
    {
        /**
         * @var array{number: int, base: LocalDate, lastDone: LocalDate|null, calendar: CalendarState|null,
         *     usage: UsageState|null, condition: ConditionState|null, move: Move|null, why: Why} $all
         */
        $all = array_replace(get_object_vars($this), $changed);

        return new self(...$all);
    }
}
