<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/** What a line of a plan is. */
enum LineKind: string
{
    case Step = 'step';
    case Labour = 'labour';
    case Part = 'part';
    case Service = 'service';
}
