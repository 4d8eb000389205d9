<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Queries\PlannedWork;
use Illuminate\Support\Facades\DB;

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
