<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use Illuminate\Support\Collection;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Support\Quantity;

/**
 * The stock of a part in a store, its row held, with what is promised of it: whoever is ranked first stands first.
 * What is set aside for an order already is no longer up for anybody else.
 */
final class HeldStock
{
    /**
     * @param  Collection<string, Claim>  $claims  by key
     * @param  Collection<int, Stock>  $elsewhere  the same part in other stores of the site, held too
     */
    private function __construct(
        public readonly Stock $row,
        private Collection $claims,
        private readonly Collection $elsewhere,
    ) {
    }

    /** Holds the part in all stores of the site, in the order of their ids: what waits in one may be had of another. */
    public static function lock(int $stockId): self
    {
        $at = Stock::query()->findOrFail($stockId);
        $rows = StockHold::ofParts($at->site_id, [$at->part_id]);
        $row = $rows->firstOrFail('id', $stockId);
        // One row of few: its part and its store are read when a refusal names them.
        $row->preventsLazyLoading = false;

        return new self($row, self::ranked($row->claims()->get()), $rows->except([$stockId]));
    }

    public function claim(string $key): ?Claim
    {
        return $this->claims->get($key);
    }

    /** @return Collection<string, Claim> first in rank first */
    public function claims(): Collection
    {
        return $this->claims;
    }

    public function promises(): PromisedStock
    {
        return PromisedStock::of(
            Quantity::parse($this->row->on_hand) - $this->picked(),
            ...array_values($this->claims->map(static fn (Claim $one): Promise => Promise::to(
                $one->key(),
                Quantity::parse($one->promised) - Quantity::parse($one->picked),
                $one->short(),
            ))->all()),
        );
    }

    /** Keeps what is promised from now on; a claim that wants nothing more goes. */
    public function keep(PromisedStock $after): void
    {
        $left = [];
        foreach ($after->promises() as $promise) {
            $claim = $this->claims->get($promise->order);
            if ($claim === null) {
                continue;
            }
            $picked = Quantity::parse($claim->picked);
            $promised = $promise->reserved + $picked;
            if ($promised + $promise->short === 0) {
                $claim->delete();

                continue;
            }
            $claim->fill([
                'promised' => Quantity::plain($promised),
                'quantity' => Quantity::plain($promised + $promise->short),
            ])->save();
            $left[] = $claim;
        }
        $this->claims = self::ranked(collect($left));
        $this->sum();
    }

    /** A claim that is new, or whose rank changed, stands where it belongs. */
    public function put(Claim $claim): void
    {
        $this->claims = self::ranked($this->claims->put($claim->key(), $claim)->values());
    }

    /** Drops a claim with all that was promised to it. */
    public function drop(Claim $claim): void
    {
        $claim->delete();
        $this->claims->forget($claim->key());
        $this->sum();
    }

    /** Fills what waits, first in rank first, with what is free. */
    public function refill(): void
    {
        $stock = $this->promises();
        foreach ($this->claims as $key => $claim) {
            if ($claim->short() > 0) {
                $stock = $stock->reserve($key);
            }
        }
        $this->keep($stock);
        $this->serveElsewhere();
    }

    /** What is free still goes to those that wait for the part in another store, first in rank first. */
    private function serveElsewhere(): void
    {
        $waiting = $this->elsewhere->filter(static fn (Stock $one): bool => Quantity::parse($one->short) > 0);
        if ($waiting->isEmpty() || $this->row->free() <= 0) {
            return;
        }
        $claims = self::ranked(Claim::query()
            ->whereIn('stock_id', $waiting->pluck('id'))
            ->whereRaw('promised < quantity')
            ->get());
        foreach ($claims as $claim) {
            $many = min($this->row->free(), $claim->short());
            if ($many > 0) {
                $this->takeOver($claim, $many);
            }
        }
    }

    private function takeOver(Claim $waiting, int $many): void
    {
        $here = $this->claim($waiting->key()) ?? $waiting->replicate(['quantity', 'promised', 'picked'])->fill([
            'stock_id' => $this->row->id,
            'quantity' => '0.000',
            'promised' => '0.000',
            'picked' => '0.000',
        ]);
        $here->fill([
            'quantity' => Quantity::plain(Quantity::parse($here->quantity) + $many),
            'promised' => Quantity::plain(Quantity::parse($here->promised) + $many),
        ])->save();
        $this->put($here);
        $this->sum();
        $left = Quantity::parse($waiting->quantity) - $many;
        $left === 0 ? $waiting->delete() : $waiting->fill(['quantity' => Quantity::plain($left)])->save();
        $row = $this->elsewhere->firstOrFail('id', $waiting->stock_id);
        $row->fill(['short' => Quantity::plain(Quantity::parse($row->short) - $many)])->save();
    }

    private function picked(): int
    {
        return $this->claims->sum(static fn (Claim $one): int => Quantity::parse($one->picked));
    }

    private function sum(): void
    {
        $this->row->fill([
            'promised' => Quantity::plain(
                $this->claims->sum(static fn (Claim $one): int => Quantity::parse($one->promised)),
            ),
            'short' => Quantity::plain($this->claims->sum(static fn (Claim $one): int => $one->short())),
        ])->save();
    }

    /**
     * @param  Collection<int, Claim>  $claims
     * @return Collection<string, Claim>
     */
    private static function ranked(Collection $claims): Collection
    {
        return $claims
            ->sort(static fn (Claim $one, Claim $other): int => $one->rank()->against($other->rank()))
            ->keyBy(static fn (Claim $one): string => $one->key());
    }
}
