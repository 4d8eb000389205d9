<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;

/** Makes a draft of a method from the plan of an order: its steps, labour, tools and precautions. */
final readonly class MethodFromOrder
{
    public function __construct(private SaveMethod $save)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): Method
    {
        return DB::transaction(function () use ($by, $order): Method {
            $order = WorkOrder::query()
                ->with(['steps', 'labour', 'precautions', 'asset'])
                ->lockForUpdate()
                ->findOrFail($order->id);
            // What a round did at each of its assets stands in its method once.
            $steps = $order->steps->unique(
                static fn (OrderStep $step): string => "{$step->text} {$step->answer->value} ".
                    ($step->asset_id === null ? $step->position : ''),
            );

            return ($this->save)(
                $by,
                null,
                MethodInput::of([
                    'code' => Method::nextCode(),
                    'name' => mb_substr($order->title, 0, 120),
                    'class_id' => $order->asset?->class_id,
                    'order_type' => $order->type->name,
                    'priority' => $order->priority->value,
                    'tools' => $order->tools,
                    'precautions' => $order->precautions->pluck('text')->implode("\n"),
                    'steps' => $steps
                        ->map(
                            static fn (OrderStep $step): array => [
                                'each_asset' => $step->asset_id !== null,
                                'answer' => $step->answer->value,
                            ] +
                                $step->only([
                                    'text',
                                    'detail',
                                    'safety',
                                    'minutes',
                                    'unit',
                                    'low',
                                    'high',
                                    'choices',
                                ]),
                        )
                        ->values()
                        ->all(),
                    'labour' => $order->labour
                        ->groupBy('trade_id')
                        ->map(
                            static fn ($lines): array => [
                                'trade_id' => $lines[0]->trade_id,
                                'people' => (int) $lines->max('people'),
                                'minutes' => (int) ceil(
                                    $lines->sum(
                                        static fn (OrderLabour $line): int => $line->people * $line->minutes,
                                    ) / (int) $lines->max('people'),
                                ),
                            ],
                        )
                        ->values()
                        ->all(),
                ]),
                null,
                true,
            );
        });
    }
}
