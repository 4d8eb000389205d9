<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** How much of some stretches lies in a set of time: asked in order, each step goes on where the last one ended. */
final class SpanCursor
{
    private int $at = 0;

    /** @var list<Span> */
    private readonly array $spans;

    public function __construct(SpanSet $of)
    {
        $this->spans = $of->spans();
    }

    /**
     * @param  int  $from  never before the one that was asked last
     * @return int seconds of it that lie in the set
     */
    public function holds(int $from, int $to): int
    {
        while (isset($this->spans[$this->at]) && $this->spans[$this->at]->to <= $from) {
            $this->at++;
        }
        $seconds = 0;
        for ($i = $this->at; isset($this->spans[$i]) && $this->spans[$i]->from < $to; $i++) {
            $seconds += min($to, $this->spans[$i]->to) - max($from, $this->spans[$i]->from);
        }

        return $seconds;
    }
}
