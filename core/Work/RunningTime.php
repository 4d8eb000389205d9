<?php

declare(strict_types=1);

namespace Sundial\Work;

use DateTimeImmutable;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** A person's clock that runs on an order. */
final readonly class RunningTime
{
    /** Longer than that nobody works at a stretch: the clock was forgotten. */
    private const MOST = 16 * 60;

    private function __construct(private DateTimeImmutable $from)
    {
    }

    public static function since(DateTimeImmutable $from): self
    {
        return new self($from);
    }

    /**
     * Whole minutes until it was stopped, one at least.
     *
     * @throws InvalidInput before_start, future, too_long
     */
    public function until(DateTimeImmutable $stopped, DateTimeImmutable $now): int
    {
        $minutes = intdiv($stopped->getTimestamp() - $this->from->getTimestamp(), 60);

        return match (true) {
            $stopped > $now => throw InvalidInput::because('future', 'stopped_at', 'That lies in the future.'),
            $stopped < $this->from => throw InvalidInput::because(
                'before_start',
                'stopped_at',
                'That lies before the clock was started.',
            ),
            $minutes > self::MOST => throw InvalidInput::because(
                'too_long',
                'stopped_at',
                'More than 16 h at a stretch: say when you really stopped.',
            ),
            default => max(1, $minutes),
        };
    }

    /** Whether it has to be asked when the work ended: it runs since an earlier day. */
    public static function isForgotten(LocalDate $began, LocalDate $today): bool
    {
        return $began->isBefore($today);
    }
}
