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
    /** @param  Collection<string, Claim>  $claims  by key */
    private function __construct(public readonly Stock $row, private Collection $claims)
    {
    }

    public static function lock(int $stockId): self
    {
        $row = Stock::query()->lockForUpdate()->findOrFail($stockId);

        return new self($row, self::ranked($row->claims()->get()));
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
