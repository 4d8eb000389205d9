<?php

declare(strict_types=1);

namespace Sundial\Work;

/** What becomes of work that is recorded when it is done already: it waits for its review, or was reviewed at once. */
enum AfterFinish: string
{
    case Review = 'review';
    case Close = 'close';
}
