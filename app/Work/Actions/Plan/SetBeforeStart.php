<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Platform\Audit\Actor;
use App\Work\Models\OrderPrecaution;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use App\Work\Queries\PermitsOf;
use Illuminate\Support\Facades\DB;
use Sundial\Support\TextLines;

/** Sets what has to be at hand before an order starts: tools, permits and precautions. One that was confirmed stays. */
final readonly class SetBeforeStart
{
    private const MOST = 250;

    public function __construct(private PlanWriting $plan, private PermitsOf $permits)
    {
    }

    /**
     * @param  list<string>  $permits  kinds that are offered
     */
    public function __invoke(
        Actor $by,
        WorkOrder $order,
        string $tools,
        string $precautions,
        array $permits = [],
    ): WorkOrder {
        return DB::transaction(function () use ($by, $order, $tools, $precautions, $permits): WorkOrder {
            $order = $this->plan->lock($order);
            $order->tools = implode("\n", self::lines($tools)) ?: null;
            $asked = self::lines($precautions);
            $confirmed = OrderPrecaution::query()
                ->where('order_id', $order->id)
                ->whereNotNull('confirmed_at')
                ->orderBy('position')
                ->pluck('text')
                ->all();
            OrderPrecaution::query()->where('order_id', $order->id)->whereNull('confirmed_at')->delete();
            $last = (int) OrderPrecaution::query()->where('order_id', $order->id)->max('position');
            foreach (array_values(array_diff($asked, $confirmed)) as $i => $text) {
                DB::table('order_precautions')->insert([
                    'order_id' => $order->id,
                    'position' => $last + $i + 1,
                    'text' => $text,
                ]);
            }
            DB::table('order_permits')->where('order_id', $order->id)->delete();
            DB::table('order_permits')->insert(
                array_map(
                    fn (string $kind): array => ['order_id' => $order->id, 'permit' => $this->permits->known($kind)],
                    array_values(array_unique($permits)),
                ),
            );
            $this->plan->done($by, $order, 'changed tools and precautions of');

            return $order;
        });
    }

    /** @return list<string> each once */
    private static function lines(string $text): array
    {
        return array_values(
            array_unique(
                array_map(static fn (string $line): string => mb_substr($line, 0, self::MOST), TextLines::of($text)),
            ),
        );
    }
}
