<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Access\Rights;
use App\Work\Models\OrderField;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Register\FieldType;

/** The fields that the plant added to its orders, and what an order holds in them. */
final readonly class OrderFields
{
    /** @return Collection<int, OrderField> those that are asked for; money for those alone who see costs */
    public function all(): Collection
    {
        return OrderField::query()
            ->where('retired', false)
            ->when(! Rights::has(Right::SeeCosts), static fn ($some) => $some->where('type', '<>', FieldType::Money))
            ->orderBy('position')
            ->orderBy('id')
            ->get();
    }

    /** @return Collection<int, OrderField> those of the type of an order */
    public function of(WorkOrder $order): Collection
    {
        return $this->all()->filter(
            static fn (OrderField $one): bool => in_array($one->order_type, [null, $order->type->name], true),
        );
    }

    /** @return array<int, string> plain values by field */
    public function values(int $orderId): array
    {
        return DB::table('order_values')
            ->where('order_id', $orderId)
            ->pluck('value', 'field_id')
            ->map(static fn (mixed $one): string => (string) $one)
            ->all();
    }
}
