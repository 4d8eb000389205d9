<?php

declare(strict_types=1);

namespace Sundial\Work\Warranty;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Until when somebody else pays for what fails on an asset; the day itself still counts. */
final readonly class Warranty
{
    private function __construct(private ?LocalDate $until)
    {
    }

    public static function until(?LocalDate $day): self
    {
        return new self($day);
    }

    public function holds(LocalDate $day): bool
    {
        return $this->until !== null && ! $day->isAfter($this->until);
    }

    /**
     * What a claim is decided with.
     *
     * @param  int|null  $credit  in cents
     *
     * @throws InvalidInput no_credit for one that is granted, no_reason for one that is refused
     */
    public static function checkDecision(ClaimState $state, ?int $credit, ?string $reason): void
    {
        if ($state === ClaimState::Granted && ($credit === null || $credit <= 0)) {
            throw InvalidInput::because('no_credit', 'credit', 'Give the credit, above nothing.', $credit);
        }
        if ($state === ClaimState::Refused && trim((string) $reason) === '') {
            throw InvalidInput::because('no_reason', 'claim_reason', 'Say why it was refused.');
        }
    }
}
