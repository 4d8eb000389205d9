<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\People\Models\User;
use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;

/** A small job that was done: on what, by whom, how long, and with which part. */
final readonly class SmallJob
{
    private function __construct(
        public Asset $asset,
        public User $person,
        public LocalDate $day,
        public WorkedMinutes $minutes,
        public ?string $note,
        public ?PartUsed $part,
    ) {
    }

    public static function on(Asset $asset, HoursWorked $worked, LocalDate $day): self
    {
        return new self($asset, $worked->person, $day, $worked->minutes, null, null);
    }

    public function with(?string $note, ?PartUsed $part): self
    {
        return new self($this->asset, $this->person, $this->day, $this->minutes, $note, $part);
    }
}
