<?php

declare(strict_types=1);

namespace Sundial\Work;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/** When work was done of which only the finish was told: it took as long as the one who worked longest. */
final readonly class WorkSpan
{
    /** Longer than that nobody works at a stretch. */
    private const MOST = 24 * 60;

    /** @param  non-empty-list<int>  $minutes  of each person */
    private function __construct(private array $minutes)
    {
    }

    /**
     * @param  list<int>  $minutes  of each person
     *
     * @throws InvalidInput nobody, too_long
     */
    public static function of(array $minutes): self
    {
        if ($minutes === []) {
            throw InvalidInput::because('nobody', 'hours', 'Say who worked on it, and how long.');
        }
        if (max($minutes) > self::MOST) {
            throw InvalidInput::because('too_long', 'hours', 'At most 24 h for each person; split longer work by day.');
        }

        return new self($minutes);
    }

    public function began(DateTimeImmutable $finish): DateTimeImmutable
    {
        return $finish->modify('-'.max($this->minutes).' minutes');
    }
}
