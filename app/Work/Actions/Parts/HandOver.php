<?php

declare(strict_types=1);

namespace App\Work\Actions\Parts;

use App\Platform\Audit\Actor;
use App\Stores\Models\Claim;
use App\Stores\Stock\StockHold;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/** Hands over all that is promised to an order, with one press: the kit goes as it was set aside. */
final readonly class HandOver
{
    public function __construct(private UsePart $use, private OrderMoves $moves)
    {
    }

    /**
     * @return int how many lines went
     *
     * Refuses: nothing.
     */
    public function __invoke(Actor $by, WorkOrder $order): int
    {
        return DB::transaction(function () use ($by, $order): int {
            $order = $this->moves->lock($order);
            StockHold::ofParts($order->site_id, $order->parts()->whereNotNull('part_id')->pluck('part_id'));
            $promised = $this->promised($order->id);
            $went = 0;
            foreach ($order->parts()->where('source', PartSource::FromStore)->orderBy('id')->get() as $line) {
                $many = min($order->leftOf($line), $promised[(int) $line->part_id] ?? 0);
                if ($many > 0) {
                    ($this->use)($by, $order, PartUsed::ofLine($line, $many));
                    $promised[(int) $line->part_id] -= $many;
                    $went++;
                }
            }

            return $went > 0 ? $went : throw InvalidInput::because(
                'nothing',
                'form',
                "Nothing lies there for {$order->label()} that could be handed over.",
            );
        });
    }

    /** @return array<int, int> thousandths by part */
    private function promised(int $orderId): array
    {
        $by = [];
        $claims = Claim::query()->where('subject_kind', 'order')->where('subject_id', $orderId)->get();
        $parts = DB::table('stock')->whereIn('id', $claims->pluck('stock_id'))->pluck('part_id', 'id');
        foreach ($claims as $claim) {
            $part = (int) $parts[$claim->stock_id];
            $by[$part] = ($by[$part] ?? 0) + Quantity::parse($claim->promised);
        }

        return $by;
    }
}
