<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** What a cost is for. */
enum CostKind: string
{
    case Labour = 'labour';
    case Parts = 'parts';
    case Services = 'services';
}
