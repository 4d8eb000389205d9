<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

/** Whether a condition trigger can fall due. */
enum Arming: string
{
    case Armed = 'armed';
    case Waiting = 'waiting for a reading back inside';
}
