<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** Whether work may begin while some of its parts are not there. */
enum StartShort
{
    case Allowed;
    case Refused;
}
