<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Support\TextLines;

/**
 * Loads what an order holds beside steps and hours. Most hold little of it, so one statement asks of all what there
 * is, and only that is loaded.
 */
final readonly class OrderHolds
{
    private const RELATIONS = [
        'parts' => 'order_parts',
        'services' => 'order_services',
        'uses' => 'part_uses',
        'serviceBookings' => 'service_bookings',
        'failure' => 'failure_records',
        'formerCost' => 'former_costs',
        'precautions' => 'order_precautions',
        'labour' => 'order_labour',
        'covered' => 'order_visits',
    ];

    /** Relations of at most one record. */
    private const ONE = ['failure', 'formerCost'];

    /**
     * @return array{requests: bool, found: bool, photos: bool, stages: bool, isolations: bool, points: bool,
     *     locked: bool, down: bool, permits: bool, again: bool, raised: bool, links: bool,
     *     shutdown: bool, claims: bool, fields: bool, tools: bool, toolsThere: bool, clock: string|null,
     *     kinds: list<string>} what else hangs on it,
     *     or could; since when this person's clock runs on it; and the kinds of permits that are offered
     */
    public function load(WorkOrder $order, ?int $userId): array
    {
        $query = DB::query();
        foreach (self::RELATIONS as $relation => $table) {
            $query->selectRaw("EXISTS (SELECT 1 FROM {$table} WHERE order_id = ?) as {$relation}", [$order->id]);
        }
        $row = (array) $query
            ->selectRaw('EXISTS (SELECT 1 FROM requests WHERE order_id = ?) as requests', [$order->id])
            ->selectRaw('EXISTS (SELECT 1 FROM requests WHERE from_order_id = ?) as found', [$order->id])
            ->selectRaw('EXISTS (SELECT 1 FROM isolation_orders WHERE order_id = ?) as isolations', [$order->id])
            ->selectRaw('EXISTS (SELECT 1 FROM isolation_points WHERE asset_id = ?) as points', [$order->asset_id])
            ->selectRaw('EXISTS (SELECT 1 FROM stops WHERE open_on = ?) as down', [$order->asset_id])
            ->selectRaw(
                'EXISTS (SELECT 1 FROM order_assets WHERE order_id = ? AND position > 1) as several',
                [$order->id],
            )
            ->selectRaw('EXISTS (SELECT 1 FROM order_permits WHERE order_id = ?) as permits', [$order->id])
            ->selectRaw('EXISTS (SELECT 1 FROM work_orders WHERE repeats_id = ?) as again', [$order->id])
            ->selectRaw(
                'EXISTS (SELECT 1 FROM order_links WHERE order_id = ? OR other_id = ?) as links',
                [$order->id, $order->id],
            )
            ->selectRaw('EXISTS (SELECT 1 FROM work_orders WHERE from_order_id = ?) as raised', [$order->id])
            ->selectRaw(
                "EXISTS (SELECT 1 FROM isolations WHERE asset_id = ? AND state <> 'lifted') as locked",
                [$order->asset_id],
            )
            ->selectRaw(
                "EXISTS (SELECT 1 FROM documents WHERE kind = 'order' AND subject_id = ? AND removed_at IS NULL) ".
                    'as photos',
                [$order->id],
            )
            ->selectRaw('EXISTS (SELECT 1 FROM shutdown_orders WHERE order_id = ?) as shutdown', [$order->id])
            ->selectRaw("EXISTS (SELECT 1 FROM record_fields WHERE kind = 'order' AND retired = 0) as fields")
            ->selectRaw('EXISTS (SELECT 1 FROM warranty_claims WHERE order_id = ?) as claims', [$order->id])
            ->selectRaw(
                "EXISTS (SELECT 1 FROM tool_bookings WHERE subject_kind = 'order' AND subject_id = ?) as tools",
                [$order->id],
            )
            ->selectRaw(
                'EXISTS (SELECT 1 FROM tools WHERE site_id = ? AND retired = 0) as toolsThere',
                [$order->site_id],
            )
            ->selectSub(
                DB::table('permit_kinds')
                    ->where('retired', false)
                    ->selectRaw("GROUP_CONCAT(name ORDER BY position SEPARATOR '\n')"),
                'kinds',
            )
            ->selectSub(
                DB::table('timers')->where('user_id', $userId)->where('order_id', $order->id)->select('started_at'),
                'clock',
            )
            ->selectRaw(
                'EXISTS (SELECT 1 FROM order_stages WHERE state = ? AND retired = 0) as stages',
                [$order->state->value],
            )
            ->first();
        // One asset is the order's own; only several are rows that somebody looks at.
        (int) $row['several'] === 1
            ? $order->load(['rows.asset', 'rows.location'])
            : $order->setRelation('rows', new Collection());
        foreach (array_keys(self::RELATIONS) as $relation) {
            if ((int) $row[$relation] === 1) {
                $order->load(self::with($relation));
            } else {
                $order->setRelation($relation, in_array($relation, self::ONE, true) ? null : new Collection());
            }
        }

        return [
            'requests' => (int) $row['requests'] === 1,
            'found' => (int) $row['found'] === 1,
            'photos' => (int) $row['photos'] === 1,
            'tools' => (int) $row['tools'] === 1,
            'toolsThere' => (int) $row['toolsThere'] === 1,
            'isolations' => (int) $row['isolations'] === 1,
            'points' => (int) $row['points'] === 1,
            'locked' => (int) $row['locked'] === 1,
            'down' => (int) $row['down'] === 1,
            'permits' => (int) $row['permits'] === 1,
            'again' => (int) $row['again'] === 1,
            'raised' => (int) $row['raised'] === 1,
            'links' => (int) $row['links'] === 1,
            'shutdown' => (int) $row['shutdown'] === 1,
            'claims' => (int) $row['claims'] === 1,
            'fields' => (int) $row['fields'] === 1,
            'stages' => (int) $row['stages'] === 1,
            'clock' => is_string($row['clock']) ? $row['clock'] : null,
            'kinds' => TextLines::of((string) $row['kinds']),
        ];
    }

    /** @return string|array<string, Closure> a relation with what is said of its lines */
    private static function with(string $relation): string|array
    {
        return match ($relation) {
            'parts' => 'parts.part',
            'services' => 'services.supplier',
            'covered' => 'covered.schedule.gauge',
            'labour' => [
                'labour' => static fn ($lines) => $lines
                    ->withAggregate('trade', 'name')
                    ->withAggregate('supplier', 'name'),
            ],
            default => $relation,
        };
    }
}
