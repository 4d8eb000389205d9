<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Queries\PlannedWork;
use App\Platform\Sites\SiteDays;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Plan\PartSource;

/** Writes what visits have to have done into their orders, with few statements for many. */
final class OrderWork
{
    /**
     * @param  non-empty-list<array{int, int|null, PlannedWork}>  $works  order, visit if it is one's, and the work
     * @param  int  $after  the last position of the steps that stand in the order already
     * @param  list<string>  $standing  the precautions that stand there already
     */
    public static function insert(array $works, int $after = 0, array $standing = []): void
    {
        $rows = [
            'order_steps' => [],
            'order_labour' => [],
            'order_visits' => [],
            'order_assets' => [],
            'order_precautions' => [],
        ];
        foreach ($works as [$order, $visit, $work]) {
            foreach ($work->steps as $i => $step) {
                $rows['order_steps'][] =
                    ['order_id' => $order, 'visit_id' => $visit, 'position' => $after + $i + 1] + $step;
            }
            foreach ($work->labour as $line) {
                $rows['order_labour'][] = ['order_id' => $order, 'visit_id' => $visit] + $line;
            }
            foreach ($work->assets as $i => $asset) {
                $rows['order_assets'][] = ['order_id' => $order, 'asset_id' => $asset, 'position' => $i + 1];
            }
            if ($visit === null) {
                continue;
            }
            array_push($rows['order_precautions'], ...self::precautions($order, $work, $standing));
            $rows['order_visits'][] = [
                'order_id' => $order,
                'visit_id' => $visit,
                'revision_id' => $work->revision?->id,
            ];
        }
        foreach ($rows as $table => $lines) {
            foreach (array_chunk($lines, 500) as $chunk) {
                $table === 'order_assets'
                    ? DB::table($table)->insertOrIgnore($chunk)
                    : DB::table($table)->insert($chunk);
            }
        }
        self::insertNeeds($works);
    }

    /**
     * Parts from the store at the prices of today, and services as they are planned.
     *
     * @param  list<array{int, int|null, PlannedWork}>  $works  order, visit if it is one's, and the work
     */
    public static function insertNeeds(array $works): void
    {
        $parts = [];
        $services = [];
        $currency = null;
        foreach ($works as [$order, $visit, $work]) {
            $of = ['order_id' => $order, 'visit_id' => $visit];
            foreach ($work->parts as $line) {
                // All orders of one call are of one site.
                $currency ??= self::currency($order);
                $parts[] = $of + [
                    'part_id' => $line->part_id,
                    'name' => $line->part->name,
                    'unit' => $line->part->unit,
                    'quantity' => $line->quantity,
                    'source' => PartSource::FromStore->value,
                    'price' => $line->part->priceIn($currency)?->plain(),
                ];
            }
            foreach ($work->services as $line) {
                $services[] = $of + ['what' => $line->what, 'planned_cents' => $line->cents];
            }
        }
        DB::table('order_parts')->insert($parts);
        DB::table('order_services')->insert($services);
    }

    /** Of the site of an order. */
    private static function currency(int $order): string
    {
        $site = (int) DB::table('work_orders')->where('id', $order)->value('site_id');

        return app(SiteDays::class)->site($site)->currency;
    }

    /** Adds to an order what its work asks to be confirmed, and is not asked there yet. */
    public static function addPrecautions(int $order, PlannedWork $work): void
    {
        DB::table('order_precautions')->insert(
            self::precautions(
                $order,
                $work,
                array_values(
                    DB::table('order_precautions')
                        ->where('order_id', $order)
                        ->orderBy('position')
                        ->pluck('text')
                        ->all(),
                ),
            ),
        );
    }

    /**
     * @param  list<string>  $standing
     * @return list<array{order_id: int, position: int, text: string}>
     */
    private static function precautions(int $order, PlannedWork $work, array $standing): array
    {
        $asked = array_map(
            static fn (string $text): string => mb_substr($text, 0, 250),
            array_filter(explode("\n", (string) $work->revision?->precautions)),
        );
        $new = array_values(array_diff($asked, $standing));

        return array_map(
            static fn (string $text, int $i): array => [
                'order_id' => $order,
                'position' => count($standing) + $i + 1,
                'text' => $text,
            ],
            $new,
            array_keys($new),
        );
    }
}
