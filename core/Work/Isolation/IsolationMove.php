<?php

declare(strict_types=1);

namespace Sundial\Work\Isolation;

use Sundial\Support\InvalidInput;

/** What is done with an isolation after it was issued. */
enum IsolationMove: string
{
    /** Locks off for a test run; nobody works meanwhile. */
    case Suspend = 'suspend';
    /** Locks on again after the test run. */
    case Resume = 'resume';
    /** It holds for longer. */
    case Extend = 'extend';
    /** Locks off, for the work is over. */
    case Lift = 'lift';

    /** @throws InvalidInput wrong_state */
    public function apply(IsolationState $state): IsolationState
    {
        return match ([$this, $state]) {
            [self::Suspend, IsolationState::InForce] => IsolationState::Suspended,
            [self::Resume, IsolationState::Suspended],
            [self::Extend, IsolationState::InForce] => IsolationState::InForce,
            [self::Extend, IsolationState::Suspended] => IsolationState::Suspended,
            [self::Lift, IsolationState::InForce], [self::Lift, IsolationState::Suspended] => IsolationState::Lifted,
            default => throw InvalidInput::because(
                'wrong_state',
                'isolation',
                "The isolation is {$state->value}; that cannot be done with it now. Look at what stands here.",
                $state->value,
            ),
        };
    }

    /** @return list<self> what can be done with one that stands there */
    public static function outOf(IsolationState $state): array
    {
        return match ($state) {
            IsolationState::InForce => [self::Suspend, self::Lift, self::Extend],
            IsolationState::Suspended => [self::Resume, self::Lift, self::Extend],
            IsolationState::Lifted => [],
        };
    }

    /** As the button of a permit says. */
    public function labelOfPermit(): string
    {
        return match ($this) {
            self::Suspend => 'Suspend',
            self::Resume => 'In force again',
            self::Extend => 'Extend',
            self::Lift => 'Hand back',
        };
    }

    /** As its button says. */
    public function label(): string
    {
        return match ($this) {
            self::Suspend => 'Locks off for a test run',
            self::Resume => 'Locks on again',
            self::Extend => 'Extend',
            self::Lift => 'Locks are off',
        };
    }

    /** As the log tells it. */
    public function did(): string
    {
        return match ($this) {
            self::Suspend => 'took the locks off for a test run',
            self::Resume => 'put the locks on again',
            self::Extend => 'extended',
            self::Lift => 'took the locks off',
        };
    }
}
