<?php

declare(strict_types=1);

namespace Sundial\Import;

/** What the cells of a column hold. */
enum CellKind
{
    case Text;
    case Number;
    case Whole;
    case Money;
    case Date;
    case Moment;
    case YesNo;
    case Choice;
    case Extra;
}
