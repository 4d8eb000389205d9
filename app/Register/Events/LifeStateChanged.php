<?php

declare(strict_types=1);

namespace App\Register\Events;

use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;

/** An asset went out of use, or came back. */
final readonly class LifeStateChanged
{
    public function __construct(public Asset $asset, public LocalDate $from)
    {
    }
}
