<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/**
 * What of a part is on hand in a store and to whom it is promised: free = on hand - promised. Orders stand in the order
 * of their first approval; who asks in another order is ranked so. All in thousandths. Source: design page 2,
 * section 3, and page 6, Stores (definition).
 */
final readonly class PromisedStock
{
    /** @param  array<string, Promise>  $promises  by order, the first that was approved first */
    private function __construct(public int $onHand, private array $promises)
    {
    }

    public static function of(int $onHand, Promise ...$promises): self
    {
        $by = [];
        foreach ($promises as $one) {
            $by[$one->order] = $one;
        }

        return new self($onHand, $by);
    }

    public function reserved(): int
    {
        return array_sum(array_map(static fn (Promise $one): int => $one->reserved, $this->promises));
    }

    public function free(): int
    {
        return $this->onHand - $this->reserved();
    }

    /** @return int what all orders together are short of */
    public function shortages(): int
    {
        return array_sum(array_map(static fn (Promise $one): int => $one->short, $this->promises));
    }

    /** @return list<Promise> in the order of their first approval */
    public function promises(): array
    {
        return array_values($this->promises);
    }

    /** Promises an approved order what is free; the rest it is short of. Approved once more, it is added. */
    public function approve(string $order, int $quantity): self
    {
        self::checkSome($quantity);
        $had = $this->promises[$order] ?? Promise::to($order, 0, 0);
        $gets = max(0, min($this->free(), $quantity));

        return $this->with(Promise::to($order, $had->reserved + $gets, $had->short + $quantity - $gets));
    }

    /** Tries again to fill what an order is short of. */
    public function reserve(string $order): self
    {
        $had = $this->promises[$order] ?? Promise::to($order, 0, 0);
        $gets = max(0, min($this->free(), $had->short));

        return $this->with(Promise::to($order, $had->reserved + $gets, $had->short - $gets));
    }

    /** Frees all that an order had: it is done, or cancelled. */
    public function release(string $order): self
    {
        return new self($this->onHand, array_diff_key($this->promises, [$order => true]));
    }

    /**
     * Lets one order have what is promised to others, from the first named on, as far as it is short.
     *
     * @param  array<string, int>  $givers  how much each could give up, by order
     */
    public function giveWay(string $to, array $givers): Taking
    {
        $short = $this->promises[$to]->short ?? 0;
        $takes = [];
        foreach ($givers as $order => $most) {
            $gives = $order === $to ? 0 : min($short, $most, $this->promises[$order]->reserved ?? 0);
            if ($gives > 0) {
                $takes[$order] = $gives;
                $short -= $gives;
            }
        }
        if ($takes === []) {
            return Taking::done($this, []);
        }
        $had = $this->promises[$to];
        $got = array_sum($takes);

        return Taking::done(
            $this->losing($takes)->with(Promise::to($to, $had->reserved + $got, $had->short - $got)),
            $takes,
        );
    }

    /** More is on hand: received, returned, counted up. What waits is filled by reserving again. */
    public function add(int $quantity): self
    {
        self::checkSome($quantity);

        return new self($this->onHand + $quantity, $this->promises);
    }

    /**
     * Takes so many out: what is promised to the order first, then what is free, then what is promised to others, the
     * last that was approved first, which is asked for and needs a right.
     *
     * @throws InvalidInput invalid_quantity, below_zero, needs_right
     */
    public function take(int $quantity, ?string $order, Consent $consent): Taking
    {
        self::checkSome($quantity);
        if ($quantity > $this->onHand) {
            throw InvalidInput::because('below_zero', 'quantity', 'There is less on hand than that.', $quantity);
        }
        $own = $order === null ? null : $this->promises[$order] ?? null;
        $fromOwn = min($quantity, $own->reserved ?? 0);
        $takesFrom = $this->others($order, $quantity - $fromOwn - min($quantity - $fromOwn, $this->free()));
        if ($takesFrom !== [] && $consent === Consent::NotAsked) {
            return Taking::asks($this, $takesFrom);
        }
        if ($takesFrom !== [] && $consent === Consent::WithoutRight) {
            throw InvalidInput::because(
                'needs_right',
                'quantity',
                'It is promised elsewhere, and taking it needs a right.',
                $takesFrom,
            );
        }
        $after = new self($this->onHand - $quantity, $this->promises);
        if ($own !== null) {
            $short = max(0, $own->short - ($quantity - $fromOwn));
            $after = $after->with(Promise::to($own->order, $own->reserved - $fromOwn, $short));
        }

        return Taking::done($after->losing($takesFrom), $takesFrom);
    }

    /**
     * Sets what was counted: up as added, down as taken.
     *
     * @throws InvalidInput invalid_quantity, needs_right
     */
    public function count(int $counted, Consent $consent): Taking
    {
        if ($counted < 0) {
            throw InvalidInput::because('invalid_quantity', 'counted', 'A count is nothing or more.', $counted);
        }

        return match (true) {
            $counted > $this->onHand => Taking::done($this->add($counted - $this->onHand), []),
            $counted < $this->onHand => $this->take($this->onHand - $counted, null, $consent),
            default => Taking::done($this, []),
        };
    }

    /** @return array<string, int> from whom so many come, the last that was approved first */
    private function others(?string $order, int $quantity): array
    {
        $takes = [];
        foreach (array_reverse($this->promises) as $one) {
            $gives = $one->order === $order ? 0 : min($quantity, $one->reserved);
            if ($gives > 0) {
                $takes[$one->order] = $gives;
                $quantity -= $gives;
            }
        }

        return $takes;
    }

    /** @param  array<string, int>  $takesFrom */
    private function losing(array $takesFrom): self
    {
        $after = $this;
        foreach ($takesFrom as $order => $lost) {
            $had = $after->promises[$order];
            $after = $after->with(Promise::to($had->order, $had->reserved - $lost, $had->short + $lost));
        }

        return $after;
    }

    private function with(Promise $promise): self
    {
        // Not spread: names that are numbers would be counted anew.
        $promises = $this->promises;
        $promises[$promise->order] = $promise;

        return new self($this->onHand, $promises);
    }

    private static function checkSome(int $quantity): void
    {
        if ($quantity <= 0) {
            throw InvalidInput::because('invalid_quantity', 'quantity', 'Give a quantity above nothing.', $quantity);
        }
    }
}
