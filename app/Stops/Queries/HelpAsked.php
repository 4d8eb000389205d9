<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Sundial\Calendar\LocalDate;

/** Of which stops it is asked whether something helped, and when that was done. */
final readonly class HelpAsked
{
    /**
     * @param  int|null  $assetId  null: all assets that ever stood for it
     * @param  int  $leftOut  days before it by which the cause was singled out: it was chosen because they were bad
     */
    public function __construct(
        public string $reason,
        public ?int $assetId,
        public LocalDate $on,
        public int $leftOut,
        public int $days,
    ) {
    }
}
