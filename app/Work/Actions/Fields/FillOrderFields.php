<?php

declare(strict_types=1);

namespace App\Work\Actions\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\OrderFields;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Fills in what the plant added to its orders; a field that is left empty holds nothing. */
final readonly class FillOrderFields
{
    public function __construct(private OrderMoves $moves, private OrderFields $fields, private Audit $audit)
    {
    }

    /** @param  array<int, string>  $typed  by field; those that are not named stay as they are */
    public function __invoke(Actor $by, WorkOrder $order, array $typed): void
    {
        DB::transaction(function () use ($by, $order, $typed): void {
            $order = $this->moves->lock($order);
            if ($order->state->isLocked()) {
                $says = "{$order->label()} is {$order->state->value} and is not changed any more.";
                throw InvalidInput::because('locked', 'extra', $says);
            }
            $held = $this->fields->values($order->id);
            $changes = [];
            foreach ($this->fields->of($order) as $field) {
                if (! array_key_exists($field->id, $typed)) {
                    continue;
                }
                $plain = $field->rule()->read($typed[$field->id], "extra.{$field->id}");
                if ($plain === ($held[$field->id] ?? null)) {
                    continue;
                }
                $key = ['order_id' => $order->id, 'field_id' => $field->id];
                $plain === null
                    ? DB::table('order_values')->where($key)->delete()
                    : DB::table('order_values')->upsert([$key + ['value' => $plain]], array_keys($key), ['value']);
                $changes[$field->name] = [
                    isset($held[$field->id]) ? $field->rule()->typed($held[$field->id]) : null,
                    $plain === null ? null : $field->rule()->typed($plain),
                ];
            }
            if ($changes !== []) {
                $this->audit->record(
                    $by,
                    $order->subject(),
                    "filled in {$order->label()}",
                    $changes,
                    null,
                    [$order->about()],
                );
            }
        });
    }
}
