<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;

/** To whom a tool is lent, what for, and until when. */
final readonly class LentTo
{
    public function __construct(public int $personId, public ?LocalDate $backBy, public ?string $what)
    {
    }
}
