<?php

declare(strict_types=1);

namespace Sundial\Import;

/** What an empty cell of a file does to a record that stands already. */
enum EmptyCell: string
{
    case Keep = 'keep';
    case Clear = 'clear';
}
