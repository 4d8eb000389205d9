<?php

declare(strict_types=1);

namespace Sundial\Work\Shutdown;

use Sundial\Work\OrderState;

/** An order of a shutdown: when its turn is, and how much of it is done. */
final readonly class ShutdownOrder
{
    /**
     * @param  int  $turn  1 is done first; those of the same turn are done beside each other
     * @param  int  $length  minutes that it takes from its begin to its end
     * @param  int  $planned  person-minutes
     * @param  int  $booked  person-minutes
     */
    private function __construct(
        public int $turn,
        public OrderState $state,
        public int $length,
        public int $planned,
        private int $booked,
    ) {
    }

    public static function of(int $turn, OrderState $state, int $length): self
    {
        return new self(max(1, $turn), $state, max(0, $length), 0, 0);
    }

    public function withHours(int $planned, int $booked): self
    {
        return new self($this->turn, $this->state, $this->length, max(0, $planned), max(0, $booked));
    }

    public function counts(): bool
    {
        return $this->state !== OrderState::Cancelled;
    }

    public function isDone(): bool
    {
        return $this->counts() && ! $this->state->isOpen();
    }

    /** @return int person-minutes of the plan that are done: all once it is finished, before that what was booked */
    public function done(): int
    {
        return $this->isDone() ? $this->planned : min($this->planned, $this->booked);
    }
}
