<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

/** Why the release left a visit alone. */
enum LeftBecause: string
{
    case InHand = 'in hand';
    case Paused = 'paused';
    case Ended = 'ended';
    case OutOfSeason = 'out of season';
    case AssetNotInUse = 'asset not in use';
    case MethodMissing = 'method not in force';
    case NoDate = 'no date can be expected';
    case LeadNotCome = 'lead not come';
}
