<?php

declare(strict_types=1);

namespace Sundial\Stops;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/** From when to when an asset stood still. */
final readonly class StopSpan
{
    /** Clocks of devices differ by a little. */
    private const GRACE = 300;

    private function __construct(public DateTimeImmutable $from, public ?DateTimeImmutable $to)
    {
    }

    /** A stop as it was recorded; the times were looked at when they were given. */
    public static function recorded(DateTimeImmutable $from, ?DateTimeImmutable $to): self
    {
        return new self($from, $to);
    }

    /**
     * A stop that begins.
     *
     * @param  DateTimeImmutable|null  $lastEnd  when the stop before it ended, null for none
     *
     * @throws InvalidInput when it would begin ahead of now, or before the stop before it ended
     */
    public static function begun(DateTimeImmutable $from, DateTimeImmutable $now, ?DateTimeImmutable $lastEnd): self
    {
        self::notAhead($from, $now, 'from_at');
        self::notLongAgo($from, $now);
        if ($lastEnd !== null && $from < $lastEnd) {
            throw InvalidInput::because(
                'overlaps',
                'from_at',
                'It ran until then only by the stop before it, which ended later. Give a time after that, or '.
                    'correct that stop.',
            );
        }

        return new self($from, null);
    }

    /**
     * The stop with other times, between the stops before and after it.
     *
     * @param  DateTimeImmutable|null  $lastEnd  when the stop before it ended
     * @param  DateTimeImmutable|null  $nextFrom  when the stop after it began
     *
     * @throws InvalidInput ahead, long_ago, before, overlaps
     */
    public static function corrected(
        self $span,
        DateTimeImmutable $now,
        ?DateTimeImmutable $lastEnd,
        ?DateTimeImmutable $nextFrom,
    ): self {
        $begun = self::begun($span->from, $now, $lastEnd);
        $whole = $span->to === null ? $begun : $begun->ended($span->to, $now);
        if ($nextFrom !== null && ($whole->to === null || $whole->to > $nextFrom)) {
            throw InvalidInput::because(
                'overlaps',
                'to_at',
                'The stop after it begins before that. Give an earlier time, or correct that stop first.',
            );
        }

        return $whole;
    }

    /**
     * @throws InvalidInput when it would end ahead of now, or before it began
     */
    public function ended(DateTimeImmutable $to, DateTimeImmutable $now): self
    {
        self::notAhead($to, $now, 'to_at');
        if ($to < $this->from) {
            throw InvalidInput::because(
                'before',
                'to_at',
                'It cannot run again before it stopped. Give a time after the stop began.',
            );
        }

        return new self($this->from, $to);
    }

    /**
     * The two that it becomes at an instant within it.
     *
     * @return array{self, self}
     *
     * @throws InvalidInput outside
     */
    public function splitAt(DateTimeImmutable $at, DateTimeImmutable $now): array
    {
        if ($at <= $this->from || $at >= ($this->to ?? $now)) {
            throw InvalidInput::because(
                'outside',
                'split_at',
                'It is split at a time within it: after it began, and before it ended.',
            );
        }

        return [new self($this->from, $at), new self($at, $this->to)];
    }

    /** The one that reaches over both, from the first beginning to the last end. */
    public function joinedWith(self $other): self
    {
        $goesOn = $this->to === null || $other->to === null;

        return new self(min($this->from, $other->from), $goesOn ? null : max($this->to, $other->to));
    }

    /** Whole minutes, of a stop that goes on those up to now. */
    public function minutes(DateTimeImmutable $now): int
    {
        return intdiv(max(0, ($this->to ?? $now)->getTimestamp() - $this->from->getTimestamp()), 60);
    }

    private static function notLongAgo(DateTimeImmutable $at, DateTimeImmutable $now): void
    {
        if ($at < $now->modify('-366 days')) {
            throw InvalidInput::because(
                'long_ago',
                'from_at',
                'This lies more than a year back. Check the year; a machine that stands for that long is put out of '.
                    'service.',
            );
        }
    }

    private static function notAhead(DateTimeImmutable $at, DateTimeImmutable $now, string $field): void
    {
        if ($at->getTimestamp() > $now->getTimestamp() + self::GRACE) {
            throw InvalidInput::because(
                'ahead',
                $field,
                'This time lies ahead. Give the time at which it happened.',
            );
        }
    }
}
