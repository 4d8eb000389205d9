<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use Illuminate\Support\Collection;
use Sundial\Stock\ClaimRank;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Support\Quantity;

/**
 * The stock of a part in a store, its row held, with what is promised of it: whoever is ranked first stands first.
 * What is set aside for an order already is no longer up for anybody else.
 */
final class HeldStock
{
    /** @var array<string, ClaimRank> of each claim, worked out once: a part may be promised to hundreds */
    private array $ranks = [];

    /** @var Collection<string, Claim>|null by key, first in rank first; null until they are asked for */
    private ?Collection $claims = null;

    /** @param  Collection<int, Stock>  $elsewhere  the same part in other stores of the site, held too */
    private function __construct(public readonly Stock $row, private readonly Collection $elsewhere)
    {
    }

    /** Holds the part in all stores of the site, in the order of their ids: what waits in one may be had of another. */
    public static function lock(int $stockId): self
    {
        $at = Stock::query()->findOrFail($stockId);
        $rows = StockHold::ofParts($at->site_id, [$at->part_id]);
        $row = $rows->firstOrFail('id', $stockId);
        // One row of few: its part and its store are read when a refusal names them.
        $row->preventsLazyLoading = false;

        return new self($row, $rows->except([$stockId]));
    }

    public function claim(string $key): ?Claim
    {
        return $this->claims()->get($key);
    }

    /** @return Collection<string, Claim> first in rank first */
    public function claims(): Collection
    {
        if ($this->claims === null) {
            $claims = $this->row->claims()->get()->toBase()->keyBy(static fn (Claim $one): string => $one->key());
            foreach ($claims as $key => $claim) {
                $this->ranks[$key] = $claim->rank();
            }
            $this->claims = $claims->sortKeysUsing($this->against(...));
        }

        return $this->claims;
    }

    public function rank(string $key): ClaimRank
    {
        $this->claims();

        return $this->ranks[$key];
    }

    /** What waits for the part in other stores of the site. */
    public function waitsElsewhere(): int
    {
        return $this->elsewhere->sum(static fn (Stock $one): int => Quantity::parse($one->short));
    }

    /** A new claim by which nobody else's changes: the others are not looked at. */
    public function putAlone(Claim $claim): void
    {
        $this->row->fill([
            'promised' => Quantity::plain(Quantity::parse($this->row->promised) + Quantity::parse($claim->promised)),
            'short' => Quantity::plain(Quantity::parse($this->row->short) + $claim->short()),
        ])->save();
    }

    public function promises(): PromisedStock
    {
        return PromisedStock::of(
            Quantity::parse($this->row->on_hand) - $this->picked(),
            ...array_values($this->claims()->map(static fn (Claim $one): Promise => Promise::to(
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
            $claim = $this->claims()->get($promise->order);
            if ($claim === null) {
                continue;
            }
            $promised = $promise->reserved + Quantity::parse($claim->picked);
            if ($promised + $promise->short === 0) {
                $claim->delete();

                continue;
            }
            $kept = [
                'promised' => Quantity::plain($promised),
                'quantity' => Quantity::plain($promised + $promise->short),
            ];
            if ($claim->promised !== $kept['promised'] || $claim->quantity !== $kept['quantity']) {
                $claim->fill($kept)->save();
            }
            $left[$promise->order] = $claim;
        }
        // Promises stand in the order of their claims.
        $this->claims = collect($left);
        $this->sum();
    }

    /** A claim that is new, or whose rank changed, stands where it belongs. */
    public function put(Claim $claim): void
    {
        $claims = $this->claims();
        $this->ranks[$claim->key()] = $claim->rank();
        $this->claims = $claims->put($claim->key(), $claim)->sortKeysUsing($this->against(...));
    }

    /** Drops a claim with all that was promised to it. */
    public function drop(Claim $claim): void
    {
        $claim->delete();
        $this->claims()->forget($claim->key());
        $this->sum();
    }

    /** Fills what waits, first in rank first, with what is free. */
    public function refill(): void
    {
        $free = Quantity::parse($this->row->on_hand) - $this->promised();
        if ($free <= 0) {
            $this->sum();

            return;
        }
        $stock = $this->promises();
        foreach ($this->claims() as $key => $claim) {
            $short = $free > 0 ? $claim->short() : 0;
            if ($short > 0) {
                $stock = $stock->reserve($key);
                $free -= min($free, $short);
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
        $claims = Claim::query()
            ->whereIn('stock_id', $waiting->pluck('id'))
            ->whereRaw('promised < quantity')
            ->get()
            ->sort(static fn (Claim $one, Claim $other): int => $one->rank()->against($other->rank()));
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
        return $this->claims()->sum(static fn (Claim $one): int => Quantity::parse($one->picked));
    }

    private function promised(): int
    {
        return $this->claims()->sum(static fn (Claim $one): int => Quantity::parse($one->promised));
    }

    private function sum(): void
    {
        $this->row->fill([
            'promised' => Quantity::plain($this->promised()),
            'short' => Quantity::plain($this->claims()->sum(static fn (Claim $one): int => $one->short())),
        ])->save();
    }

    private function against(string $one, string $other): int
    {
        return $this->ranks[$one]->against($this->ranks[$other]);
    }
}
