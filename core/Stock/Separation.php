<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** Whether what one person began another one has to finish; a small plant leaves it off. */
enum Separation
{
    case On;
    case Off;
}
