<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;

/** What is said of a special tool. */
final readonly class ToolInput
{
    public function __construct(
        public string $number,
        public string $name,
        public ?string $place,
        public ?LocalDate $calibratedUntil,
        public ?string $note,
        public bool $retired = false,
    ) {
    }

    /** @return array<string, string|bool|null> as it is kept */
    public function facts(): array
    {
        return [
            'number' => $this->number,
            'name' => $this->name,
            'place' => $this->place,
            'calibrated_until' => $this->calibratedUntil === null ? null : (string) $this->calibratedUntil,
            'note' => $this->note,
            'retired' => $this->retired,
        ];
    }
}
