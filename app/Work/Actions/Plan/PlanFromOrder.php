<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Platform\Audit\Actor;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderPrecaution;
use App\Work\Models\OrderService;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/**
 * Puts what was planned in a former order into the plan of another one, after what stands there: steps, labour, parts,
 * services, tools and precautions. Nothing of what was done, answered, confirmed or agreed goes over.
 */
final readonly class PlanFromOrder
{
    public function __construct(private PlanWriting $plan)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, WorkOrder $former): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $former): WorkOrder {
            $order = $this->plan->lock($order);
            if ($former->site_id !== $order->site_id || $former->id === $order->id) {
                throw InvalidInput::because('no_order', 'former', 'Name another order of this site.');
            }
            $former->load(['steps', 'labour', 'parts', 'services', 'precautions']);
            $this->steps($order->id, $former);
            $this->confirmed($order->id, $former);
            self::insert(
                'order_labour',
                $order->id,
                $former->labour->map(
                    static fn (OrderLabour $line): array => $line->only(OrderLabour::PLANNED),
                )->all(),
            );
            self::insert('order_parts', $order->id, $former->parts->map(self::part(...))->all());
            self::insert(
                'order_services',
                $order->id,
                $former->services->map(
                    static fn (OrderService $line): array => $line->only(['supplier_id', 'what', 'planned_cents']),
                )->all(),
            );
            $order->tools = TextLines::merged($order->tools, $former->tools);
            $this->plan->done($by, $order, "put the plan of {$former->label()} into");

            return $order;
        });
    }

    private function steps(int $order, WorkOrder $former): void
    {
        $last = (int) DB::table('order_steps')->where('order_id', $order)->max('position');
        // What a round did at each of its assets is done once here.
        $steps = $former->steps->unique(
            static fn (OrderStep $step): string => $step->asset_id === null ? "{$step->position}" : $step->text,
        );
        $fields = ['text', 'detail', 'safety', 'minutes', 'unit', 'low', 'high', 'choices'];
        self::insert(
            'order_steps',
            $order,
            $steps
                ->values()
                ->map(
                    static fn (OrderStep $step, int $i): array => $step->only($fields) + [
                        'answer' => $step->answer->value,
                        'position' => $last + $i + 1,
                    ],
                )
                ->all(),
        );
    }

    private function confirmed(int $order, WorkOrder $former): void
    {
        $standing = DB::table('order_precautions')->where('order_id', $order)->pluck('text')->all();
        $new = $former->precautions
            ->map(static fn (OrderPrecaution $one): string => $one->text)
            ->diff($standing)
            ->values();
        self::insert(
            'order_precautions',
            $order,
            $new
                ->map(static fn (string $text, int $i): array => [
                    'text' => $text,
                    'position' => count($standing) + $i + 1,
                ])
                ->all(),
        );
    }

    /** @return array<string, mixed> at the price at which it was planned */
    private static function part(OrderPart $line): array
    {
        return $line->only(['part_id', 'name', 'unit', 'quantity', 'price']) + ['source' => $line->source->value];
    }

    /** @param  array<int, array<string, mixed>>  $lines */
    private static function insert(string $table, int $order, array $lines): void
    {
        DB::table($table)->insert(
            array_map(static fn (array $line): array => ['order_id' => $order] + $line, array_values($lines)),
        );
    }
}
