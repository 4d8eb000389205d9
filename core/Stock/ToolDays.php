<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** The days on which a special tool is wanted, both ends included. */
final readonly class ToolDays
{
    private function __construct(public LocalDate $from, public LocalDate $to)
    {
    }

    /** @throws InvalidInput wrong_order: it ends before it begins */
    public static function of(LocalDate $from, LocalDate $to): self
    {
        return $from->isAfter($to)
            ? throw InvalidInput::because('wrong_order', 'tool_to', 'It cannot end before it begins.', (string) $to)
            : new self($from, $to);
    }

    /** Whether both want it on one day at least. */
    public function clashWith(self $other): bool
    {
        return ! $this->from->isAfter($other->to) && ! $other->from->isAfter($this->to);
    }

    /** Whether its calibration holds on the last of them; null: it needs none. */
    public function areCalibrated(?LocalDate $until): bool
    {
        return $until === null || ! $this->to->isAfter($until);
    }

    /** As many days, beginning with another. */
    public function movedTo(LocalDate $from): self
    {
        return new self($from, $from->plusDays($this->from->daysUntil($this->to)));
    }

    public function hold(LocalDate $day): bool
    {
        return ! $this->from->isAfter($day) && ! $day->isAfter($this->to);
    }
}
