<?php

declare(strict_types=1);

namespace App\Register\Events;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;

/** What a meter shows changed: a reading was taken, put between others or struck out. */
final class ReadingTaken
{
    /** @var list<string> what followed, a sentence each, for whoever took it */
    public array $followed = [];

    public function __construct(public readonly Meter $meter, public readonly LocalDate $today)
    {
    }
}
