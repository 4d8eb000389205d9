<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Work\Orders\FinishInput;
use Sundial\Work\AfterFinish;
use Sundial\Work\Failure\FailureWords;

/** What was done on an order that is only written down afterwards. */
final readonly class FinishedWork
{
    /**
     * @param  list<HoursWorked>  $hours
     * @param  list<PartUsed>  $parts
     * @param  FailureWords|null  $failed  what failed, where that was told
     */
    public function __construct(
        public FinishInput $finish,
        public array $hours,
        public array $parts,
        public ?FailureWords $failed,
        public AfterFinish $then,
    ) {
    }
}
