<?php

declare(strict_types=1);

namespace App\Planning\Methods;

/** In whose hands work is: a team, a person, or both. */
final readonly class Hands
{
    public function __construct(public ?int $teamId, public ?int $personId)
    {
    }
}
