<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

/** Which trigger makes a visit due. */
enum Leading: string
{
    case Calendar = 'calendar';
    case Usage = 'usage';
    case Condition = 'condition';
}
