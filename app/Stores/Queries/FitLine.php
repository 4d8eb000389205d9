<?php

declare(strict_types=1);

namespace App\Stores\Queries;

/** A line of a spare-parts list, as it is shown. */
final readonly class FitLine
{
    /** @param  bool  $isOwn  whether it stands on the asset itself, or on every asset of its class */
    public function __construct(
        public int $partId,
        public string $number,
        public string $name,
        public string $unit,
        public string $fitted,
        public ?string $note,
        public bool $isOwn,
    ) {
    }
}
