<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

/** What was entered of a shift. */
final readonly class ShiftTyped
{
    /**
     * @param  list<RunTyped>  $runs
     * @param  list<int>  $worked  the breaks that were worked, by their place
     */
    public function __construct(
        public array $runs,
        public array $worked,
        public ?int $teamId,
        public ?string $remark,
    ) {
    }
}
