<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

/** Whether a method can be worked by: it has a revision in force, or is a draft yet. */
enum MethodState
{
    case InForce;
    case Draft;
}
