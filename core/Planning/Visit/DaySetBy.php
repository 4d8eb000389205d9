<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

/** Who sets the day of a visit: what the law sets is not on time on any day after it. */
enum DaySetBy
{
    case Plant;
    case Law;
}
