<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/**
 * What a site agreed on for its stores: from which value a difference or a write-off needs a second person, up to which
 * amount a purchase needs no approval, whether whoever orders may receive, after how many days is bought again, and
 * whether work begins while parts are short.
 */
final readonly class StoreRules
{
    /** Days until it comes, where nobody said so. */
    public const LEAD = 14;

    private function __construct(
        public int $bigCents,
        public int $approveCents,
        public Separation $separation,
        public int $reviewDays,
        public StartShort $startShort = StartShort::Allowed,
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

    public function startingShort(StartShort $startShort): self
    {
        return new self($this->bigCents, $this->approveCents, $this->separation, $this->reviewDays, $startShort);
    }

    /** @throws InvalidInput short: the site wants all parts there before work begins */
    public function checkStart(PartsReady $parts): void
    {
        if ($this->startShort === StartShort::Refused && ! $parts->areHere()) {
            $names = implode(', ', array_map(static fn (LineReady $one): string => $one->name, $parts->short()));
            throw InvalidInput::because(
                'short',
                'form',
                "Its parts are not all here: {$names}. This site begins no work without them; put it on hold, or ".
                    'take off what is not needed.',
            );
        }
    }

    /** Before a site says anything else. */
    public static function usual(): self
    {
        return new self(10_000, 50_000, Separation::Off, 7);
    }

    /** The days for which is bought: until it comes, and until the next round of buying. */
    public function window(?int $leadDays): int
    {
        return ($leadDays ?? self::LEAD) + $this->reviewDays;
    }

    /** Whether a difference of so many cents, up or down, has to be seen by a second person. */
    public function needsSecond(int $cents): bool
    {
        return abs($cents) > $this->bigCents;
    }

    /**
     * A difference above what the site calls big says why, and a second person has seen it.
     *
     * @param  string  $what  as the message names it
     *
     * @throws InvalidInput no_reason, no_second
     */
    public function checkSeen(int $cents, string $what, ?string $reason, ?int $byId, ?int $secondId): void
    {
        if (! $this->needsSecond($cents)) {
            return;
        }
        if (trim((string) $reason) === '') {
            throw InvalidInput::because('no_reason', 'reason', "{$what}. Say what the reason is.");
        }
        if ($secondId === null || $secondId === $byId) {
            throw InvalidInput::because(
                'no_second',
                'second_id',
                "{$what}: somebody else has to have seen it. Name who.",
            );
        }
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
