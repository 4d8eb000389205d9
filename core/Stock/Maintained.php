<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Life\Weibull;
use Sundial\Support\InvalidInput;

/** A unit with its life and with what is done to it: whether it is renewed at an interval, and what mending does. */
final readonly class Maintained
{
    private function __construct(public Weibull $life, public FailurePolicy $policy, public ?float $interval)
    {
    }

    /** @throws InvalidInput invalid_interval */
    public static function by(FailurePolicy $policy, Weibull $life, ?float $interval): self
    {
        if ($policy === FailurePolicy::RunToFailure) {
            return new self($life, $policy, null);
        }

        return $interval !== null && $interval > 0 && is_finite($interval)
            ? new self($life, $policy, $interval)
            : throw InvalidInput::because('invalid_interval', 'interval', 'The interval lies above 0.', $interval);
    }

    /** Failures of one unit in one unit of time, over many of mixed ages. */
    public function rate(): float
    {
        $interval = (float) $this->interval;

        return match ($this->policy) {
            FailurePolicy::PatchedUp => $this->life->hazard($interval) / $interval,
            FailurePolicy::ReplacedAsNew => $this->life->failed($interval) / $this->life->runningUntil($interval),
            FailurePolicy::RunToFailure => 1 / $this->life->mean(),
        };
    }
}
