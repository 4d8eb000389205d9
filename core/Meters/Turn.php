<?php

declare(strict_types=1);

namespace Sundial\Meters;

/** How a reading follows the one before it. A fall is never guessed: the person says which it was. */
enum Turn: string
{
    case Read = 'read';
    case RolledOver = 'rolled over';
    case Replaced = 'replaced';
}
