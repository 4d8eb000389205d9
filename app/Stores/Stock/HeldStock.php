<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Subject;
use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use Illuminate\Support\Collection;
use Sundial\Stock\ClaimRank;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Support\Quantity;

/**
 * The stock of a part in a store, its row held, with what is promised of it: whoever is ranked first stands first.
 * What is set aside for an order already is no longer up for anybody else. Claims may be hundreds and are read only
 * where one of them depends on the others.
 */
final class HeldStock
{
    /** What a claim on another shelf does not take over. */
    private const OF_ONE_SHELF = ['quantity', 'promised', 'picked', 'is_lacking'];

    /** @var array<string, ClaimRank> of each claim, worked out once: a part may be promised to hundreds */
    private array $ranks = [];

    /** @var Collection<string, Claim>|null by key, first in rank first; null until they are asked for */
    private ?Collection $claims = null;

    /** @var array<string, Claim|null> of those that were asked for, by key; null: claims nothing here */
    private array $known = [];

    /** @var list<Claim> not written yet */
    private array $new = [];

    /** @var list<self> the same part in other stores of the site, held too */
    private array $elsewhere = [];

    private function __construct(public readonly Stock $row)
    {
    }

    /** @param  Stock  $row  which is held */
    public static function of(Stock $row): self
    {
        // One row of few: its part and its store are read when a refusal names them.
        $row->preventsLazyLoading = false;

        return new self($row);
    }

    /** Holds the part in all stores of the site, in the order of their ids: what waits in one may be had of another. */
    public static function lock(int $stockId): self
    {
        $at = Stock::query()->findOrFail($stockId);

        return HeldParts::of($at->site_id, [$at->part_id])->stocks[$stockId];
    }

    public function beside(self ...$elsewhere): void
    {
        $this->elsewhere = array_values($elsewhere);
    }

    /** From now on it is known whether some claim it: nothing, until {@see know()} says otherwise. */
    public function learn(Subject ...$those): void
    {
        foreach ($those as $one) {
            $this->known[Claim::keyOf($one->kind, $one->id)] = null;
        }
    }

    public function know(Claim $claim): void
    {
        $this->known[$claim->key()] = $claim;
    }

    public function claim(string $key): ?Claim
    {
        return $this->claims === null && array_key_exists($key, $this->known)
            ? $this->known[$key]
            : $this->claims()->get($key);
    }

    /** @return Collection<string, Claim> first in rank first */
    public function claims(): Collection
    {
        if ($this->claims === null) {
            if ($this->new !== []) {
                $this->write();
            }
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
        return array_sum(array_map(static fn (self $one): int => $one->waits(), $this->elsewhere));
    }

    /** What waits for the part in this store. */
    public function waits(): int
    {
        return Quantity::parse($this->row->short);
    }

    /** A new claim by which nobody else's changes: the others are not looked at. It is written with {@see write()}. */
    public function putAlone(Claim $claim): void
    {
        if ($this->claims !== null) {
            $claim->save();
            $this->put($claim);
            $this->sum();

            return;
        }
        $this->know($claim);
        $this->new[] = $claim;
        $this->row->fill([
            'promised' => Quantity::plain(Quantity::parse($this->row->promised) + $claim->promised()),
            'short' => Quantity::plain($this->waits() + $claim->short()),
        ]);
    }

    /** Writes what was put off. */
    public function write(): void
    {
        Claim::query()->insert(array_map(static fn (Claim $one): array => $one->getAttributes(), $this->new));
        $this->new = [];
        $this->row->save();
    }

    public function promises(): PromisedStock
    {
        return PromisedStock::of(
            Quantity::parse($this->row->on_hand) - $this->picked(),
            ...array_values($this->claims()->map(static fn (Claim $one): Promise => Promise::to(
                $one->key(),
                $one->promised() - $one->picked(),
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
            $promised = $promise->reserved + $claim->picked();
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
        if ($this->row->free() <= 0) {
            return;
        }
        $waiting = [];
        foreach (array_filter($this->elsewhere, static fn (self $one): bool => $one->waits() > 0) as $store) {
            foreach ($store->claims()->filter(static fn (Claim $one): bool => $one->short() > 0) as $key => $claim) {
                $waiting[] = [$store, $claim, $store->rank($key)];
            }
        }
        usort($waiting, static fn (array $one, array $other): int => $one[2]->against($other[2]));
        foreach ($waiting as [$store, $claim]) {
            $many = min($this->row->free(), $claim->short());
            if ($many > 0) {
                $this->takeOver($store, $claim, $many);
            }
        }
    }

    private function takeOver(self $store, Claim $waiting, int $many): void
    {
        $here = $this->claim($waiting->key()) ?? $waiting->replicate(self::OF_ONE_SHELF)->fill([
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
        $store->waitLess($waiting, $many);
    }

    /** Some of what a claim waits for here is had of another store. */
    private function waitLess(Claim $waiting, int $many): void
    {
        $left = Quantity::parse($waiting->quantity) - $many;
        if ($left === 0) {
            $this->drop($waiting);

            return;
        }
        $waiting->fill(['quantity' => Quantity::plain($left)])->save();
        $this->sum();
    }

    private function picked(): int
    {
        return $this->claims()->sum(static fn (Claim $one): int => $one->picked());
    }

    private function promised(): int
    {
        return $this->claims()->sum(static fn (Claim $one): int => $one->promised());
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
