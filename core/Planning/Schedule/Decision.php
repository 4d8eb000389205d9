<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

/** What somebody decided on a schedule by hand; everything else that it does is counted. */
enum Decision: string
{
    case Begin = 'begin';

    case Rule = 'rule';

    case FromHere = 'from here';

    case Skip = 'skip';

    case SkipTakenBack = 'skip taken back';

    case Move = 'move';

    case Hold = 'hold';

    case Pause = 'pause';

    case GoOn = 'go on';

    case End = 'end';

    case Reopen = 'reopen';
}
