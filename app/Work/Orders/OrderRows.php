<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** The assets on which an order is worked, each a row of its own; a place is the only row of its order. */
final class OrderRows
{
    /** Adds some after those that stand there; one that stands there already stays as it is. */
    public static function add(int $orderId, Asset|Location ...$where): void
    {
        self::put($orderId, array_map(
            static fn (Asset|Location $one): array => $one instanceof Asset
                ? ['asset_id' => $one->id, 'location_id' => null]
                : ['asset_id' => null, 'location_id' => $one->id],
            array_values($where),
        ));
    }

    public static function addAssets(int $orderId, int ...$assetIds): void
    {
        self::put($orderId, array_map(
            static fn (int $id): array => ['asset_id' => $id, 'location_id' => null],
            array_values($assetIds),
        ));
    }

    /**
     * The row on which something is booked, as it was sent.
     *
     * @throws InvalidInput no_row, where it is none of the order
     */
    public static function checked(int $orderId, mixed $sent): ?int
    {
        if ($sent === null) {
            return null;
        }

        return DB::table('order_assets')->where('order_id', $orderId)->where('id', (int) $sent)->exists()
            ? (int) $sent
            : throw InvalidInput::because('no_row', 'row_id', 'Choose an asset of this order, or all of them.');
    }

    /** @return list<int> the assets of an order */
    public static function assets(int $orderId): array
    {
        return array_values(
            DB::table('order_assets')
                ->where('order_id', $orderId)
                ->whereNotNull('asset_id')
                ->orderBy('position')
                ->pluck('asset_id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }

    /** @param  list<array{asset_id: int|null, location_id: int|null}>  $rows */
    private static function put(int $orderId, array $rows): void
    {
        $last = (int) DB::table('order_assets')->where('order_id', $orderId)->max('position');
        DB::table('order_assets')->insertOrIgnore(
            array_map(
                static fn (array $row, int $i): array => $row + ['order_id' => $orderId, 'position' => $last + $i + 1],
                $rows,
                array_keys($rows),
            ),
        );
    }
}
