<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Support\InvalidInput;

/** The plant's own name for where an order stands inside a state, such as "waiting for a quote" inside planned. */
final readonly class Stage
{
    private function __construct(public OrderState $state, public string $name)
    {
    }

    /** @throws InvalidInput no_stages in a state that is over: nothing waits there */
    public static function inside(OrderState $state, string $name): self
    {
        return $state->isLocked()
            ? throw InvalidInput::because(
                'no_stages',
                'state',
                "An order that is {$state->value} waits for nothing, so that state has no stages.",
                $state->value,
            )
            : new self($state, $name);
    }

    /** @return list<OrderState> the states that can have stages */
    public static function states(): array
    {
        return array_values(
            array_filter(OrderState::cases(), static fn (OrderState $state): bool => ! $state->isLocked()),
        );
    }
}
