<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\NeedLine;
use Sundial\Planning\Method\NeedText;

/** Makes a draft of a method from the plan of an order: steps, labour, parts, services, tools and precautions. */
final readonly class MethodFromOrder
{
    public function __construct(private SaveMethod $save)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): Method
    {
        return DB::transaction(function () use ($by, $order): Method {
            $order = WorkOrder::query()
                ->with(['steps', 'labour', 'precautions', 'asset', 'parts.part', 'services'])
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
                    'parts' => NeedText::ofParts(self::parts($order)),
                    'services' => NeedText::ofServices(self::services($order)),
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

    /** @return list<NeedLine> of the catalogue; what was bought in for one job is not needed by every other */
    private static function parts(WorkOrder $order): array
    {
        return array_values(
            $order->parts
                ->filter(static fn (OrderPart $line): bool => $line->part !== null && ! $line->part->retired)
                ->map(static fn (OrderPart $line): NeedLine => NeedLine::part(
                    (string) $line->part?->number,
                    $line->thousandths(),
                    1,
                ))
                ->all(),
        );
    }

    /** @return list<NeedLine> */
    private static function services(WorkOrder $order): array
    {
        return array_values(
            $order->services
                ->map(static fn (OrderService $line): NeedLine => NeedLine::service(
                    str_replace(';', ',', $line->what),
                    $line->planned_cents,
                    1,
                ))
                ->all(),
        );
    }
}
