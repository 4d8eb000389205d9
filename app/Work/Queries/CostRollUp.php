<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Inputs\CostSlice;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Costing\CostBy;
use Sundial\Costing\CostSum;
use Sundial\Costing\OrderCost;

/**
 * Costs of many orders put together, from what each asset carries of each line. Every figure is of the same entries as
 * the list of orders behind it.
 */
final readonly class CostRollUp
{
    private const MOST = 500;

    /** @return array<string, array{OrderCost, int}> cost and seconds of work, by key; the dearest first */
    public function by(int $siteId, CostSlice $slice): array
    {
        $rows = ($slice->under === null && $slice->key === null
            ? $this->days($siteId, $slice)
            : $this->each($siteId, $slice))
            ->groupBy('of_key', 'e.kind')
            ->selectRaw('e.kind, SUM(e.seconds) as seconds')
            ->get()
            ->groupBy(static fn (stdClass $row): string => (string) $row->of_key);
        $costs = [];
        foreach ($rows as $key => $kinds) {
            $costs[(string) $key] = [self::cost($kinds), (int) $kinds->sum('seconds')];
        }
        uasort(
            $costs,
            static fn (array $a, array $b): int => $b[0]->total()->cents <=> $a[0]->total()->cents,
        );
        if ($slice->by === CostBy::Month) {
            ksort($costs);
        }

        return $costs;
    }

    /** @return Collection<int, stdClass> the orders behind a figure: id, number, title, state, cents, unknown */
    public function orders(int $siteId, CostSlice $slice): Collection
    {
        // Added up from an index alone, before anything is looked up.
        $dearest = $this->entries($siteId, $slice)
            ->groupBy('e.order_id')
            ->orderByRaw('cents DESC')
            ->orderBy('e.order_id')
            ->limit(self::MOST)
            ->selectRaw('e.order_id, SUM(e.cents) as cents, SUM(e.cents IS NULL) as unknown');

        return DB::query()
            ->fromSub($dearest, 'e')
            ->join('work_orders as o', 'o.id', '=', 'e.order_id')
            ->orderByDesc('e.cents')
            ->orderBy('o.id')
            ->get(['o.id', 'o.number', 'o.title', 'o.state', 'e.cents', 'e.unknown']);
    }

    /** @return array{orders: int, planned: int, booked: int} of orders closed in that time whose plan had a cost */
    public function againstPlan(int $siteId, CostSlice $slice): array
    {
        $closed = DB::table('work_orders as o')
            ->where('o.site_id', $siteId)
            ->where('o.planned_cents', '>', 0)
            ->whereBetween('o.closed_at', [(string) $slice->from, "{$slice->to->plusDays(1)}"])
            ->selectRaw('COUNT(*) as orders, SUM(o.planned_cents) as planned, SUM(o.booked_cents) as booked')
            ->first();

        return [
            'orders' => (int) $closed?->orders,
            'planned' => (int) $closed?->planned,
            'booked' => (int) $closed?->booked,
        ];
    }

    /** Of the whole site, from what is kept by day: some hundred rows stand for many thousand entries. */
    private function days(int $siteId, CostSlice $slice): Builder
    {
        $days = $slice->by === CostBy::Place
            ? DB::table('cost_place_days as e')->selectRaw('e.top as of_key')
            : DB::table('cost_days as e')->selectRaw("{$this->key($slice)} as of_key");

        return $this->narrowed($days, $siteId, $slice)
            ->selectRaw('SUM(e.cents) as cents, SUM(e.unknown) as unknown')
            ->havingRaw('SUM(e.cents) <> 0 OR SUM(e.unknown) <> 0 OR SUM(e.seconds) <> 0');
    }

    private function each(int $siteId, CostSlice $slice): Builder
    {
        return $this->entries($siteId, $slice)
            ->selectRaw("{$this->key($slice)} as of_key, SUM(e.cents) as cents, SUM(e.cents IS NULL) as unknown");
    }

    private function entries(int $siteId, CostSlice $slice): Builder
    {
        $entries = $this->narrowed(DB::table('cost_entries as e'), $siteId, $slice);
        // Each index holds what one way of adding up reads; left to itself the database takes either.
        if ($slice->by === CostBy::Place || $slice->under === null) {
            $entries->forceIndex($slice->by === CostBy::Place
                ? 'cost_entries_by_place_index'
                : 'cost_entries_by_word_index');
        }
        if ($slice->under !== null) {
            $entries->where('e.path', 'like', "{$slice->under}%");
        }
        if ($slice->key !== null) {
            $entries->whereRaw("COALESCE({$this->key($slice)}, '') = ?", [$slice->key]);
        }

        return $entries;
    }

    /** To the time and the kind that are asked for, with what its way of adding up needs to know. */
    private function narrowed(Builder $costs, int $siteId, CostSlice $slice): Builder
    {
        $costs
            ->where('e.site_id', $siteId)
            ->whereBetween('e.on_day', [(string) $slice->from, (string) $slice->to]);
        if ($slice->by === CostBy::Account) {
            $costs->leftJoin(
                'type_accounts as t',
                static fn ($on) => $on->on('t.type', '=', 'e.type')->on('t.kind', '=', 'e.kind'),
            );
        }
        if ($slice->kind !== null) {
            $costs->where('e.kind', $slice->kind->value);
        }

        return $costs;
    }

    /** By what entries are put together, as SQL: nothing of it is typed by anybody. */
    private function key(CostSlice $slice): string
    {
        return match ($slice->by) {
            // What stands directly below the place that is looked at; what is booked on it itself has no key.
            CostBy::Place => 'SUBSTRING_INDEX(SUBSTRING(e.path, '.(strlen($slice->under ?? '/') + 1)."), '/', 1)",
            CostBy::EquipmentClass => 'e.class_id',
            CostBy::CostCentre => 'e.cost_centre_id',
            CostBy::Account => 't.account',
            CostBy::Type => 'e.type',
            CostBy::Work => 'e.work',
            CostBy::Month => "DATE_FORMAT(e.on_day, '%Y-%m')",
        };
    }

    /** @param  Collection<int, stdClass>  $kinds */
    private static function cost(Collection $kinds): OrderCost
    {
        $of = static function (string $kind) use ($kinds): CostSum {
            $row = $kinds->firstWhere('kind', $kind);

            return $row === null
                ? CostSum::none()
                : CostSum::added((int) $row->cents, (int) $row->unknown);
        };

        return OrderCost::of($of('labour'), $of('parts'), $of('services'));
    }
}
