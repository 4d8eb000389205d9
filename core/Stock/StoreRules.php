<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/**
 * What a site agreed on for its stores: from which value a difference or a write-off needs a second person, up to which
 * amount a purchase needs no approval, whether whoever orders may receive, and after how many days is bought again.
 */
final readonly class StoreRules
{
    private function __construct(
        public int $bigCents,
        public int $approveCents,
        public Separation $separation,
        public int $reviewDays,
    ) {
    }

    public static function of(int $bigCents, int $approveCents, Separation $separation, int $reviewDays): self
    {
        return match (true) {
            $bigCents < 0 => throw InvalidInput::outside('big_cents', $bigCents, 0),
            $approveCents < 0 => throw InvalidInput::outside('approve_cents', $approveCents, 0),
            $reviewDays < 1 || $reviewDays > 365 => throw InvalidInput::outside('review_days', $reviewDays, 1, 365),
            default => new self($bigCents, $approveCents, $separation, $reviewDays),
        };
    }

    /** Before a site says anything else. */
    public static function usual(): self
    {
        return new self(10_000, 50_000, Separation::Off, 7);
    }

    /** Whether a difference of so many cents, up or down, has to be seen by a second person. */
    public function needsSecond(int $cents): bool
    {
        return abs($cents) > $this->bigCents;
    }

    /** Whether a purchase of this amount has to be approved before it is sent. */
    public function needsApproval(int $cents): bool
    {
        return $cents > $this->approveCents;
    }

    /** @throws InvalidInput separated: somebody did both halves of what two should do */
    public function checkTwo(?int $first, ?int $second, string $field, string $says): void
    {
        if ($this->separation === Separation::On && $first !== null && $first === $second) {
            throw InvalidInput::because('separated', $field, $says);
        }
    }
}
