<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Subject;
use App\Stores\Inputs\PartsWanted;
use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use App\Stores\Projections\DemandMade;
use App\Stores\Projections\DemandsNoted;
use App\Stores\Queries\ComingIn;
use App\Stores\Queries\OfSubjects;
use App\Stores\Stock\ClaimStanding;
use App\Stores\Stock\HeldParts;
use App\Stores\Stock\HeldStock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\FromShelves;
use Sundial\Stock\Resupply;

/**
 * Stands the claims of something approved where its plan is now: more is promised as far as it is free, less frees the
 * rest for whoever waits. Several stand one after the other, as they are given; what they want is held once for all.
 */
final readonly class ClaimParts
{
    public function __construct(
        private ComingIn $coming,
        private ClaimStanding $standing,
        private DemandsNoted $demands,
    ) {
    }

    public function __invoke(PartsWanted ...$wanted): void
    {
        DB::transaction(function () use ($wanted): void {
            $sites = collect($wanted)->groupBy(static fn (PartsWanted $one): int => (int) $one->for->siteId);
            foreach ($sites as $siteId => $some) {
                $this->atSite((int) $siteId, array_values($some->all()));
            }
        });
    }

    /** @param  list<PartsWanted>  $wanted */
    private function atSite(int $siteId, array $wanted): void
    {
        $those = array_map(static fn (PartsWanted $one): Subject => $one->for, $wanted);
        $parts = Stock::query()
            ->whereIn('id', Claim::query()->where(OfSubjects::any(...$those))->select('stock_id'))
            ->pluck('part_id');
        foreach ($wanted as $one) {
            $parts->push(...array_keys($one->quantities));
        }
        if ($parts->isEmpty()) {
            return;
        }
        $held = HeldParts::of($siteId, $parts);
        $held->learn(...$those);
        $coming = $this->coming->toStocks(array_values($held->stocks->keys()->all()));
        $made = [];
        foreach ($wanted as $one) {
            array_push($made, ...$this->claim($held, $one, $coming));
        }
        $held->write();
        $this->demands->keep(...$made);
    }

    /**
     * @param  array<int, Resupply>  $coming  by stock
     * @return list<DemandMade> of each part
     */
    private function claim(HeldParts $held, PartsWanted $wanted, array $coming): array
    {
        $made = [];
        foreach ($held->byPart as $partId => $stores) {
            $thousandths = $wanted->quantities[$partId] ?? 0;
            if ($thousandths === 0 && self::claimIn($stores, $wanted) === []) {
                continue;
            }
            $before = self::promised($stores, $wanted);
            $shelves = self::shelves($stores, $wanted, $thousandths);
            foreach ($shelves as $stockId => $many) {
                $this->standing->stand($held->stocks[$stockId], $wanted, $many, $coming[$stockId] ?? Resupply::of([]));
            }
            $made[] = new DemandMade(
                $held->stocks[array_key_first(array_filter($shelves) ?: $shelves)]->row,
                $wanted->for,
                $wanted->label,
                self::promised($stores, $wanted) - $before,
            );
        }

        return $made;
    }

    /**
     * Where a part is taken from: where it is promised already, else where most is free.
     *
     * @param  Collection<int, HeldStock>  $stores
     * @return array<int, int> thousandths by stock; 0: wants nothing there any more
     */
    private static function shelves(Collection $stores, PartsWanted $wanted, int $thousandths): array
    {
        $promised = self::claimIn($stores, $wanted);
        $shelves = $stores
            ->sortBy(static fn (HeldStock $one): array => [
                array_key_exists($one->row->id, $promised) ? 0 : 1,
                -$one->row->free(),
                $one->row->id,
            ])
            ->mapWithKeys(static fn (HeldStock $one): array => [
                $one->row->id => [$promised[$one->row->id] ?? 0, $one->row->free()],
            ])
            ->all();

        return array_replace(
            array_fill_keys(array_intersect(array_keys($shelves), array_keys($promised)), 0),
            FromShelves::of($shelves)->take($thousandths),
        );
    }

    /**
     * What it claims of a part.
     *
     * @param  Collection<int, HeldStock>  $stores
     * @return array<int, int> thousandths that are promised to it, by stock
     */
    private static function claimIn(Collection $stores, PartsWanted $wanted): array
    {
        $promised = [];
        foreach ($stores as $one) {
            $claim = $one->claim($wanted->key());
            if ($claim !== null) {
                $promised[$one->row->id] = $claim->promised();
            }
        }

        return $promised;
    }

    /** @param  Collection<int, HeldStock>  $stores */
    private static function promised(Collection $stores, PartsWanted $wanted): int
    {
        return array_sum(self::claimIn($stores, $wanted));
    }
}
