<?php

declare(strict_types=1);

namespace Sundial\Work\Isolation;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/**
 * An isolation of a machine: its points are locked, by somebody who does not work on it, until an instant. Work rests
 * on it; a machine is not run, and its work is not done, while locks are on.
 */
final readonly class Isolation
{
    private function __construct(
        public IsolationState $state,
        public DateTimeImmutable $validUntil,
    ) {
    }

    public static function standing(IsolationState $state, DateTimeImmutable $validUntil): self
    {
        return new self($state, $validUntil);
    }

    /**
     * Issues it: until an instant that lies ahead, and by nobody who works behind it.
     *
     * @param  list<int>  $workers  people who work on its orders
     *
     * @throws InvalidInput works_there, too_early
     */
    public static function issue(int $issuer, array $workers, DateTimeImmutable $until, DateTimeImmutable $now): self
    {
        if (in_array($issuer, $workers, true)) {
            throw InvalidInput::because(
                'works_there',
                'isolation',
                'Whoever works behind the locks does not issue the isolation. Somebody else does.',
            );
        }

        return (new self(IsolationState::InForce, $until))->lasting($until, $now);
    }

    /** @throws InvalidInput wrong_state, too_early */
    public function after(IsolationMove $move, DateTimeImmutable $now, ?DateTimeImmutable $until = null): self
    {
        $next = new self($move->apply($this->state), $until ?? $this->validUntil);

        return $move === IsolationMove::Extend ? $next->lasting($next->validUntil, $now) : $next;
    }

    /** Whether one can work behind it at an instant. */
    public function protects(DateTimeImmutable $now): bool
    {
        return $this->state === IsolationState::InForce && $now <= $this->validUntil;
    }

    /** Whether locks are on, whatever its time says: a machine behind them is not run. */
    public function isLocked(): bool
    {
        return $this->state === IsolationState::InForce;
    }

    private function lasting(DateTimeImmutable $until, DateTimeImmutable $now): self
    {
        return $until > $now
            ? $this
            : throw InvalidInput::because(
                'too_early',
                'valid_until',
                'The isolation would have run out already. Give a time that lies ahead.',
            );
    }
}
