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
        $rows = $this->entries($siteId, $slice)
            ->groupByRaw('of_key, e.kind')
            ->selectRaw("{$this->key($slice)} as of_key, e.kind, SUM(cents) as cents, SUM(cents IS NULL) as unknown")
            ->selectRaw('SUM(seconds) as seconds')
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
            ->selectRaw('COUNT(*) as orders, SUM(o.planned_cents) as planned')
            ->selectRaw('SUM((SELECT SUM(e.cents) FROM cost_entries e WHERE e.order_id = o.id)) as booked')
            ->first();

        return [
            'orders' => (int) $closed?->orders,
            'planned' => (int) $closed?->planned,
            'booked' => (int) $closed?->booked,
        ];
    }

    private function entries(int $siteId, CostSlice $slice): Builder
    {
        $entries = DB::table('cost_entries as e')
            ->where('e.site_id', $siteId)
            ->whereBetween('e.on_day', [(string) $slice->from, (string) $slice->to]);
        // Each index holds what one way of adding up reads; left to itself the database takes either.
        if ($slice->by === CostBy::Place || $slice->under === null) {
            $entries->forceIndex($slice->by === CostBy::Place
                ? 'cost_entries_by_place_index'
                : 'cost_entries_by_word_index');
        }
        if ($slice->by === CostBy::Account) {
            $entries->leftJoin(
                'type_accounts as t',
                static fn ($on) => $on->on('t.type', '=', 'e.type')->on('t.kind', '=', 'e.kind'),
            );
        }
        if ($slice->under !== null) {
            $entries->where('e.path', 'like', "{$slice->under}%");
        }
        if ($slice->kind !== null) {
            $entries->where('e.kind', $slice->kind->value);
        }
        if ($slice->key !== null) {
            $entries->whereRaw("COALESCE({$this->key($slice)}, '') = ?", [$slice->key]);
        }

        return $entries;
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
