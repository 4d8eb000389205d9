<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/** Where a planned part comes from. */
enum PartSource: string
{
    case FromStore = 'from store';
    case BoughtIn = 'bought in';
}
