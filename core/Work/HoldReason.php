<?php

declare(strict_types=1);

namespace Sundial\Work;

/** Why work that has begun stands still. */
enum HoldReason: string
{
    case Parts = 'parts';
    case Access = 'access';
    case People = 'people';
    case Contractor = 'contractor';
    case Weather = 'weather';
    case Safety = 'safety';
    case Other = 'other';
}
