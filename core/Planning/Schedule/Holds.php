<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** What keeps a schedule from making orders: an order in hand, its end, a pause or its asset. */
final readonly class Holds
{
    private function __construct(
        public bool $inHand,
        public bool $ended,
        public ?LocalDate $heldFrom,
        public bool $assetInUse,
    ) {
    }

    /** Nothing does. */
    public static function none(): self
    {
        return new self(false, false, null, true);
    }

    /** Its next visit is covered by an open order. */
    public function inHand(): self
    {
        return new self(true, $this->ended, $this->heldFrom, $this->assetInUse);
    }

    /** It was ended for good. */
    public function ended(): self
    {
        return new self($this->inHand, true, $this->heldFrom, $this->assetInUse);
    }

    /** It rests since a day: paused, or held up with its asset. */
    public function heldSince(LocalDate $day): self
    {
        return new self($this->inHand, $this->ended, $day, $this->assetInUse);
    }

    /** Its asset is neither in service nor standby. */
    public function assetOutOfUse(): self
    {
        return new self($this->inHand, $this->ended, $this->heldFrom, false);
    }

    /** Whether it goes on: neither ended nor at rest. */
    public function isGoingOn(): bool
    {
        return ! $this->ended && $this->heldFrom === null;
    }
}
