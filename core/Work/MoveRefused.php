<?php

declare(strict_types=1);

namespace Sundial\Work;

use DomainException;
use Sundial\Support\SundialException;

/** A change of state that the order's present state, or a missing reason, does not allow. */
final class MoveRefused extends DomainException implements SundialException
{
    private function __construct(
        public readonly OrderMove $move,
        public readonly ?OrderState $state,
        private readonly string $cause,
        private readonly ?string $field,
        string $message,
    ) {
        parent::__construct($message);
    }

    /** The order stands in a state from which this move cannot be made. */
    public static function from(OrderMove $move, OrderState $state): self
    {
        $from = implode(' or ', array_map(static fn (OrderState $state): string => $state->value, $move->leaves()));

        return new self(
            $move,
            $state,
            'wrong_state',
            null,
            "This order is {$state->value}; it cannot {$move->value} (that takes one that is {$from}). Somebody ".
                'may have moved it in the meantime.',
        );
    }

    /** The move needs a reason, and none was given. */
    public static function withoutReason(OrderMove $move): self
    {
        return new self(
            $move,
            null,
            'reason_missing',
            'reason',
            "Say why: nobody can {$move->value} an order without a reason.",
        );
    }

    public function cause(): string
    {
        return $this->cause;
    }

    public function field(): ?string
    {
        return $this->field;
    }
}
