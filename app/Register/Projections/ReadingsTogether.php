<?php

declare(strict_types=1);

namespace App\Register\Projections;

use App\Platform\Writing\GathersIds;

/** Notes the meters of many readings that are taken at once, so that what follows is looked at once for each. */
final class ReadingsTogether
{
    use GathersIds;
}
