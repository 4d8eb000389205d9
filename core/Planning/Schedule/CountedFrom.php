<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

/** What a schedule counts on from. */
enum CountedFrom: string
{
    case FirstDay = 'first day';
    case LastDone = 'last done';
    case Here = 'here';
    case Done = 'done';
    case Skipped = 'skipped';
    case Return = 'return';
}
