<?php

declare(strict_types=1);

namespace Sundial\Work;

/** What was said of the time of a finish: nothing yet, so that a doubtful one is asked about, or that it is right. */
enum FinishAnswer
{
    case NotAsked;
    case ItIsRight;
}
