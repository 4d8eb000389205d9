<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Platform\Writing\GathersIds;

/** Puts the summaries of assets off while several schedules of theirs are stood, and makes each once at the end. */
final class PutOffNearness
{
    use GathersIds;
}
