<?php

declare(strict_types=1);

namespace Sundial\Work\Shutdown;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * The day on which the scope of a shutdown is frozen: what is added after it is a late addition, and says why. Once it
 * has passed it is not moved.
 */
final readonly class ScopeDay
{
    private function __construct(private ?LocalDate $day)
    {
    }

    public static function on(?LocalDate $day): self
    {
        return new self($day);
    }

    /** Whether what is added on a day is late: the day itself is still in time. */
    public function isLate(LocalDate $added): bool
    {
        return $this->day !== null && $added->isAfter($this->day);
    }

    /** @throws InvalidInput no_reason for a late addition that does not say why */
    public function checkAddition(LocalDate $added, ?string $reason): void
    {
        if ($this->isLate($added) && trim((string) $reason) === '') {
            throw InvalidInput::because(
                'no_reason',
                'late_reason',
                "The scope was frozen on {$this->day?->inWords()}. Say why this is added after it.",
            );
        }
    }

    /** @throws InvalidInput frozen where a day that has passed would be moved */
    public function checkMove(self $other, LocalDate $today): void
    {
        if ($this->isLate($today) && (string) $this->day !== (string) $other->day) {
            throw InvalidInput::because(
                'frozen',
                'scope_on',
                "The scope was frozen on {$this->day?->inWords()}, and stays so. Later additions are marked.",
            );
        }
    }
}
