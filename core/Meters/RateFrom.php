<?php

declare(strict_types=1);

namespace Sundial\Meters;

/** What the rate of a counter rests on. */
enum RateFrom: string
{
    case Readings = 'readings';
    case ExpectedUse = 'expected use';
    case Nothing = 'nothing';
}
