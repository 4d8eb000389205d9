<?php

declare(strict_types=1);

namespace Sundial\Work\Rules;

/** Who raised an order, as seen by whoever decides on it. */
enum RaisedBy
{
    case Oneself;
    case Another;
}
