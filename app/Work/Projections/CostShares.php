<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Queries\LinesOfCost;
use App\Work\Queries\LockedThrough;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostEntry;
use Sundial\Costing\CostKind;
use Sundial\Costing\LockedCosts;
use Sundial\Costing\SpentOn;
use Sundial\Costing\Spread;
use Sundial\Work\AssetState;

/**
 * Keeps what each asset carries of the cost of an order, derived from what was booked: line by line, spread as the
 * order says. Entries of locked months stay as they are. Harmless when run twice.
 */
final readonly class CostShares
{
    public function __construct(
        private LinesOfCost $lines,
        private LockedThrough $locked,
        private CostDays $days,
    ) {
    }

    public function keep(WorkOrder $order): void
    {
        $lines = $this->lines->of($order->id);
        $through = $this->locked->of($order->site_id);
        $stood = DB::table('cost_entries')->where('order_id', $order->id)->get();
        $rows = OrderAsset::query()
            ->where('order_id', $order->id)
            ->with(['asset', 'location'])
            ->orderBy('position')
            ->get()
            ->keyBy('id');
        if ($rows->isEmpty() || ($lines === [] && $stood->isEmpty())) {
            return;
        }
        $this->copyWhereabouts($rows);
        $entries = $this->shared($order, $rows, $lines);
        $gone = $stood;
        if ($through !== null) {
            $locked = $stood->where('on_day', '<=', (string) $through);
            $entries = LockedCosts::through($through)->settle(
                $entries,
                array_values($locked->map(self::entry(...))->all()),
            );
            $gone = $stood->where('on_day', '>', (string) $through);
        }
        $come = array_map(
            static fn (CostEntry $one): array => self::row($order, $rows->get($one->place), $one),
            $entries,
        );
        DB::table('cost_entries')->whereIn('id', $gone->pluck('id'))->delete();
        DB::table('cost_entries')->insert($come);
        $this->days->changed($gone, array_map(static fn (array $one): stdClass => (object) $one, $come));
        self::addUp($order);
    }

    /** What is booked of an order altogether, beside it: lists sort and filter by it. */
    private static function addUp(WorkOrder $order): void
    {
        $booked = DB::table('cost_entries')->where('order_id', $order->id)->selectRaw('SUM(cents)');
        DB::table('work_orders')->where('id', $order->id)->update(['booked_cents' => $booked]);
    }

    /**
     * @param  Collection<int, OrderAsset>  $rows
     * @param  list<array{CostKind, int, int|null, SpentOn, LocalDate, int|null, int}>  $lines
     * @return list<CostEntry>
     */
    private function shared(WorkOrder $order, Collection $rows, array $lines): array
    {
        $minutes = DB::table('order_steps')
            ->where('order_id', $order->id)
            ->whereNotNull('asset_id')
            ->groupBy('asset_id')
            ->selectRaw('asset_id, SUM(minutes) as minutes')
            ->pluck('minutes', 'asset_id');
        $weights = [];
        foreach ($rows as $row) {
            $weights[$row->id] = (int) ($minutes[(int) $row->asset_id] ?? 0);
        }
        if ($weights === []) {
            return [];
        }
        $spread = Spread::over($order->spread, $weights, array_values(
            $rows->where('state', AssetState::LeftOut)->pluck('id')->all(),
        ));
        $entries = [];
        foreach ($lines as [$kind, $source, $only, $on, $day, $cents, $seconds]) {
            foreach ($spread->line($only, $cents, $seconds) as $row => [$share, $time]) {
                $entries[] = CostEntry::of($kind, $source, $row, $on)->amount($day, $share, $time);
            }
        }

        return $entries;
    }

    /** @param  Collection<int, OrderAsset>  $rows */
    private function copyWhereabouts(Collection $rows): void
    {
        foreach ($rows->whereNull('path') as $row) {
            $row->fill([
                'path' => $row->asset->path ?? $row->location?->path,
                'class_id' => $row->asset?->class_id,
                'cost_centre_id' => $row->asset?->cost_centre_id,
            ])->save();
        }
    }

    private static function entry(stdClass $row): CostEntry
    {
        return CostEntry::of(
            CostKind::from((string) $row->kind),
            (int) $row->source_id,
            (int) $row->row_id,
            SpentOn::from((string) $row->spent_on),
        )->amount(
            LocalDate::parse((string) $row->on_day),
            $row->cents === null ? null : (int) $row->cents,
            (int) $row->seconds,
        );
    }

    /** @return array<string, mixed> */
    private static function row(WorkOrder $order, ?OrderAsset $at, CostEntry $entry): array
    {
        return [
            'site_id' => $order->site_id,
            'order_id' => $order->id,
            'row_id' => $entry->place,
            'kind' => $entry->kind->value,
            'source_id' => $entry->source,
            'spent_on' => $entry->on->value,
            'on_day' => (string) $entry->day,
            'cents' => $entry->cents,
            'seconds' => $entry->seconds,
            'type' => $order->type->name,
            'work' => $entry->on->countsAs($order->type->kind)->value,
            // What two records were merged into is the one that is kept.
            'asset_id' => $at?->asset->merged_into_id ?? $at?->asset_id,
            'path' => (string) $at?->path,
            'class_id' => $at?->class_id,
            'cost_centre_id' => $at?->cost_centre_id,
        ];
    }
}
