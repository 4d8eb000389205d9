<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Work\Models\WorkOrder;

/** The order, and the step of it if there was one, during which something was found. */
final readonly class FoundOn
{
    public function __construct(public WorkOrder $order, public ?int $step)
    {
    }
}
