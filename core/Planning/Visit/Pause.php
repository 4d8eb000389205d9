<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * A time in which a schedule makes no orders, because somebody said so: from a day on, up to and including another,
 * or until it is lifted.
 */
final readonly class Pause
{
    private function __construct(public LocalDate $from, public ?LocalDate $until)
    {
    }

    /**
     * @throws InvalidInput when it would end before it begins, or is over already
     */
    public static function of(LocalDate $from, ?LocalDate $until, LocalDate $today): self
    {
        if ($until !== null && $until->isBefore($from)) {
            throw InvalidInput::because('backwards', 'until', 'The last day of the pause lies before its first.');
        }
        if ($until !== null && $until->isBefore($today)) {
            throw InvalidInput::because('over', 'until', 'The last day of the pause lies in the past.');
        }
        if ($from->isBefore($today)) {
            throw InvalidInput::because(
                'past',
                'from',
                'A pause begins today or later; what was due before stays due.',
            );
        }

        return new self($from, $until);
    }

    /** One that was said earlier, as it is kept. */
    public static function kept(LocalDate $from, ?LocalDate $until): self
    {
        return new self($from, $until);
    }

    /** Whether the schedule rests on a day. */
    public function isOn(LocalDate $day): bool
    {
        return ! $day->isBefore($this->from) && ($this->until === null || ! $day->isAfter($this->until));
    }

    /** The day on which the schedule goes on by itself; null when somebody has to lift the pause. */
    public function goesOnOn(): ?LocalDate
    {
        return $this->until?->plusDays(1);
    }
}
