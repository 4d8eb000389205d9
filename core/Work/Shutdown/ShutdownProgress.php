<?php

declare(strict_types=1);

namespace Sundial\Work\Shutdown;

/**
 * How far a shutdown is, in person-minutes of what was planned, and what is left of it. Cancelled orders count nothing.
 */
final readonly class ShutdownProgress
{
    /** @param  list<ShutdownOrder>  $orders */
    private function __construct(private array $orders)
    {
    }

    public static function of(ShutdownOrder ...$orders): self
    {
        return new self(array_values(
            array_filter($orders, static fn (ShutdownOrder $one): bool => $one->counts()),
        ));
    }

    public function orders(): int
    {
        return count($this->orders);
    }

    public function ordersDone(): int
    {
        return count(array_filter($this->orders, static fn (ShutdownOrder $one): bool => $one->isDone()));
    }

    /** @return int person-minutes */
    public function planned(): int
    {
        return array_sum(array_map(static fn (ShutdownOrder $one): int => $one->planned, $this->orders));
    }

    /** @return int person-minutes */
    public function done(): int
    {
        return array_sum(array_map(static fn (ShutdownOrder $one): int => $one->done(), $this->orders));
    }

    /** @return int person-minutes */
    public function left(): int
    {
        return $this->planned() - $this->done();
    }

    /** @return int thousandths of the planned hours that are done; of the orders where no hours are planned */
    public function share(): int
    {
        [$done, $all] = $this->planned() > 0
            ? [$this->done(), $this->planned()]
            : [$this->ordersDone(), $this->orders()];

        return $all === 0 ? 0 : intdiv(1000 * $done, $all);
    }

    /**
     * Minutes that what is not done takes at the least: turn after turn, each as long as the longest of its orders.
     */
    public function sequence(): int
    {
        $longest = [];
        foreach ($this->orders as $one) {
            if (! $one->isDone()) {
                $longest[$one->turn] = max($longest[$one->turn] ?? 0, $one->length);
            }
        }

        return array_sum($longest);
    }

    /** @return int|null the first turn in which something is not done; null where all is */
    public function turn(): ?int
    {
        $open = array_filter($this->orders, static fn (ShutdownOrder $one): bool => ! $one->isDone());

        return $open === [] ? null : min(array_map(static fn (ShutdownOrder $one): int => $one->turn, $open));
    }
}
