<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/** What becomes of a planned day on which the site does not work. */
enum NonWorking: string
{
    case Keep = 'keep';
    case Forward = 'forward';
    case Back = 'back';
    /** To the nearest worked day; a tie goes back. */
    case Nearest = 'nearest';
}
