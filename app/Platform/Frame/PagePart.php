<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** What of a page may come after it: the index beside a record, what stands lower on a sheet, the horizon. */
enum PagePart: string
{
    case Index = 'index';
    case Rest = 'rest';
    case Horizon = 'horizon';
}
