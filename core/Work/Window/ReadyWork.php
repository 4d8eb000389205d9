<?php

declare(strict_types=1);

namespace Sundial\Work\Window;

use Sundial\Work\Priority;

/** An order that could be worked while its machine stands: how long it takes, whom it needs, and what it lacks. */
final readonly class ReadyWork
{
    /**
     * @param  int  $minutes  from its begin to its end
     * @param  list<array{string, int, int}>  $people  trade, how many, minutes of each
     * @param  list<string>  $lacks  what has to be there first, in words
     */
    private function __construct(
        public int $id,
        public int $minutes,
        public array $people,
        public array $lacks,
        public int $rank,
    ) {
    }

    /** What is more urgent comes first; of the same priority what is later against its day. */
    public static function of(int $id, Priority $priority, int $daysLate): self
    {
        return new self($id, 0, [], [], $priority->strokes() * 100000 + max(-49999, min(49999, $daysLate)));
    }

    /** @param  list<array{string, int, int}>  $people */
    public function taking(int $minutes, array $people): self
    {
        // Nobody works longer than the order takes: where steps say less than people do, people are believed.
        $longest = max([0, ...array_map(static fn (array $one): int => $one[2], $people)]);

        return new self($this->id, max($minutes, $longest), $people, $this->lacks, $this->rank);
    }

    public function lacking(string ...$what): self
    {
        return new self($this->id, $this->minutes, $this->people, array_values($what), $this->rank);
    }
}
