<?php

declare(strict_types=1);

namespace Sundial\Life;

/** What a comparison of two rates allows to say, and no more. */
enum Verdict: string
{
    case TooFew = 'too few';
    case Rarer = 'rarer';
    case Oftener = 'oftener';
    case Unclear = 'unclear';
}
