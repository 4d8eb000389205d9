<?php

declare(strict_types=1);

namespace Sundial\Import;

/** What a row of a file does to the records. */
enum RowOutcome: string
{
    case Make = 'make';
    case Change = 'change';
    case Nothing = 'nothing';
}
