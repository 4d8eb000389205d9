<?php

declare(strict_types=1);

namespace App\Planning\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use Sundial\Work\OrderType;
use Sundial\Work\WorkKind;

/**
 * The type of an order, from its name and from whether that was planned work when the order was made: both are kept
 * with the order, so that figures do not move with the list.
 *
 * @implements CastsAttributes<OrderType, OrderType>
 */
final class AsOrderType implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): OrderType
    {
        return OrderType::of((string) $value, WorkKind::from((string) $attributes['kind']));
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, string>
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return $value instanceof OrderType
            ? ['type' => $value->name, 'kind' => $value->kind->value]
            : throw new InvalidArgumentException('The type of an order is one of the types of the plant.');
    }
}
