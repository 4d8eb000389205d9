<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderPart;
use App\Work\Models\WorkOrder;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\PartSource;

/**
 * Takes from the store what is tied to steps that are done, less what was taken for them already. What the shelf does
 * not hold is told and keeps no step from being done.
 */
final readonly class TakePartsOfSteps
{
    public function __construct(private UsePart $use)
    {
    }

    /** @return list<string> what was taken, and what was not */
    public function __invoke(Actor $by, WorkOrder $order, int ...$stepIds): array
    {
        $said = [];
        $lines = OrderPart::query()
            ->where('order_id', $order->id)
            ->whereIn('step_id', $stepIds)
            ->where('source', PartSource::FromStore)
            ->orderBy('id')
            ->get();
        foreach ($lines as $line) {
            $left = $order->load('uses')->leftOf($line);
            if ($left === 0) {
                continue;
            }
            $used = PartUsed::ofLine($line, $left);
            try {
                ($this->use)($by, $order, $used);
                $said[] = "Taken: {$used->words()}.";
            } catch (InvalidInput $e) {
                $said[] = "Not taken: {$used->words()}. {$e->getMessage()}";
            }
        }

        return $said;
    }
}
