<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Planning\Actions\PutInForce;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Finds the method by which the work of an order can be repeated: the one that it was made from, or one that is made
 * of its plan and put in force.
 */
final readonly class RepeatOrder
{
    public function __construct(private MethodFromOrder $make, private PutInForce $putInForce)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): Method
    {
        if ($order->asset_id === null) {
            throw InvalidInput::because(
                'no_asset',
                'form',
                'A schedule stands on an asset, and this order is done on a place. Copy it when it is wanted again.',
            );
        }

        return DB::transaction(function () use ($by, $order): Method {
            $method = $order->revision?->method;

            return $method ??
                ($this->putInForce)($by, ($this->make)($by, $order), "made of {$order->label()}, to be repeated");
        });
    }
}
