<?php

declare(strict_types=1);

namespace App\Register\Events;

use App\Platform\Audit\Actor;
use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;

/** A copy of an asset was made that is to take over what stands on it, such as its schedules. */
final readonly class AssetCopied
{
    /**
     * @param  LocalDate|null  $start  the first day of its schedules; null: it takes none over
     * @param  array<int, int>  $meters  meters of the copy by those of the original
     */
    public function __construct(
        public Actor $by,
        public Asset $from,
        public Asset $to,
        public ?LocalDate $start,
        public array $meters,
    ) {
    }
}
