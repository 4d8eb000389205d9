<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Calendar\LocalDate;

/** Who does an order, and on which day. */
final readonly class Assignment
{
    public function __construct(public ?int $teamId, public ?int $personId, public ?LocalDate $plannedOn)
    {
    }

    /** @return array{team_id: int|null, assignee_id: int|null, planned_on: string|null} as an order keeps it */
    public function facts(): array
    {
        return [
            'team_id' => $this->teamId,
            'assignee_id' => $this->personId,
            'planned_on' => $this->plannedOn === null ? null : (string) $this->plannedOn,
        ];
    }
}
