<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\InvalidInput;

/** Minutes of one booking by what an hour of them is paid; below zero only where a booking is corrected. */
final readonly class WorkedMinutes
{
    private function __construct(public int $normal, public int $timeAndHalf, public int $double)
    {
    }

    public static function of(int $normal, int $timeAndHalf = 0, int $double = 0): self
    {
        return new self($normal, $timeAndHalf, $double);
    }

    public static function at(Overtime $overtime, int $minutes): self
    {
        return match ($overtime) {
            Overtime::Normal => new self($minutes, 0, 0),
            Overtime::TimeAndHalf => new self(0, $minutes, 0),
            Overtime::Double => new self(0, 0, $minutes),
        };
    }

    public function plus(self $other): self
    {
        return new self(
            $this->normal + $other->normal,
            $this->timeAndHalf + $other->timeAndHalf,
            $this->double + $other->double,
        );
    }

    /**
     * As people write them, each kind in a field of its own; an empty one is none.
     *
     * @throws InvalidInput unreadable, nothing_typed
     */
    public static function typed(string $normal, string $timeAndHalf, string $double, string $field): self
    {
        $read = static fn (string $typed, string $of): int => trim($typed) === ''
            ? 0
            : WorkedTime::minutes($typed, $of);
        $minutes = new self(
            $read($normal, $field),
            $read($timeAndHalf, "{$field}_half"),
            $read($double, "{$field}_double"),
        );

        return $minutes->worked() === 0
            ? throw InvalidInput::because('nothing_typed', $field, 'Say how long it was, such as 2:30 or 90 min.')
            : $minutes;
    }

    /** All of them, whatever they are paid. */
    public function worked(): int
    {
        return $this->normal + $this->timeAndHalf + $this->double;
    }

    /** Half minutes at the normal rate that cost as much. */
    public function paidHalves(): int
    {
        return $this->normal * Overtime::Normal->halves() +
            $this->timeAndHalf * Overtime::TimeAndHalf->halves() +
            $this->double * Overtime::Double->halves();
    }
}
