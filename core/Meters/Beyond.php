<?php

declare(strict_types=1);

namespace Sundial\Meters;

/** Which limit of a gauge is passed. */
enum Beyond: string
{
    case Low = 'low';
    case High = 'high';
}
