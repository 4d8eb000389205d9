<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderRows;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\CopiedSteps;

/**
 * Gives each asset of an order the steps that were planned by hand for the first of them, or for the order as a whole.
 * An asset that has steps of its own keeps those.
 */
final readonly class CopySteps
{
    private const COPIED = ['text', 'detail', 'safety', 'minutes', 'unit', 'low', 'high', 'choices'];

    public function __construct(private PlanWriting $plan)
    {
    }

    /** @return int how many assets were given steps */
    public function __invoke(Actor $by, WorkOrder $order): int
    {
        return DB::transaction(function () use ($by, $order): int {
            $order = $this->plan->lock($order);
            $steps = $order->steps()->whereNull('visit_id')->get();
            $assets = OrderRows::assets($order->id);
            $copies = CopiedSteps::of(
                $assets,
                array_values($steps->map(static fn (OrderStep $one): ?int => $one->asset_id)->all()),
            );
            if ($copies->isNone()) {
                throw InvalidInput::because(
                    'nothing',
                    'assets',
                    'There is nothing to copy: plan steps by hand first, and put the assets on the order.',
                );
            }
            $common = array_map(static fn (int $i): OrderStep => $steps[$i], $copies->copied);
            $last = (int) $order->steps()->max('position');
            DB::table('order_steps')
                ->whereIn('id', array_map(static fn (OrderStep $one): int => $one->id, $common))
                ->update(['asset_id' => $assets[0]]);
            $rows = [];
            foreach ($copies->to as $asset) {
                foreach ($common as $step) {
                    $rows[] = [
                        'order_id' => $order->id,
                        'asset_id' => $asset,
                        'position' => ++$last,
                        'answer' => $step->answer->value,
                        ...$step->only(self::COPIED),
                    ];
                }
            }
            DB::table('order_steps')->insert($rows);
            $this->plan->done($by, $order, 'copied the steps to '.count($copies->to).' assets in');

            return count($copies->to);
        });
    }
}
