<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * Counts the reliability of an asset while its stops come by in their order, however many they are: none is held.
 * Stops that overlap stand for one time; failures that overlap are one failure, those that only touch are two.
 */
final class ReliabilityCount
{
    private int $down = 0;

    private int $technical = 0;

    private int $failures = 0;

    private int $finished = 0;

    private int $repair = 0;

    /** Up to where it is known to have been down, and technically down. */
    private int $downTo = PHP_INT_MIN;

    private int $technicalTo = PHP_INT_MIN;

    /** @var array{int, int, bool}|null the failure that may go on: from, to, whether it goes on now */
    private ?array $failure = null;

    private readonly SpanCursor $wantedDown;

    private readonly SpanCursor $wantedTechnical;

    /** @var list<int> in order */
    private array $failedAt;

    private int $nextFailed = 0;

    /**
     * @param  SpanSet  $required  of the period
     * @param  list<int>  $failedAt  failures of which perhaps no stop is known, as epoch seconds
     */
    public function __construct(private readonly Span $period, private readonly SpanSet $required, array $failedAt = [])
    {
        $this->wantedDown = new SpanCursor($required);
        $this->wantedTechnical = new SpanCursor($required);
        sort($failedAt);
        $this->failedAt = $failedAt;
    }

    /** One that began no earlier than the one before it; times in epoch seconds. */
    public function stood(int $from, int $to, bool $isFailure, bool $isTechnical, bool $goesOn): void
    {
        $this->down += self::more($this->wantedDown, $this->downTo, $from, $to);
        if ($isTechnical) {
            $this->technical += self::more($this->wantedTechnical, $this->technicalTo, $from, $to);
        }
        if (! $isFailure) {
            return;
        }
        if ($this->failure !== null && $from < $this->failure[1]) {
            $this->failure = [$this->failure[0], max($this->failure[1], $to), $this->failure[2] || $goesOn];

            return;
        }
        $this->close();
        $this->failure = [$from, $to, $goesOn];
    }

    public function count(): Reliability
    {
        $this->close();
        $this->failure = null;
        for (; isset($this->failedAt[$this->nextFailed]); $this->nextFailed++) {
            $this->failures += $this->period->holds($this->failedAt[$this->nextFailed]) ? 1 : 0;
        }

        return Reliability::counted(
            $this->required->seconds(),
            $this->down,
            $this->failures,
            $this->finished,
            $this->repair,
            $this->technical,
        );
    }

    /** What a stretch adds to a time that is known up to an instant. */
    private static function more(SpanCursor $wanted, int &$known, int $from, int $to): int
    {
        $from = max($from, $known);
        if ($to <= $from) {
            return 0;
        }
        $known = $to;

        return $wanted->holds($from, $to);
    }

    /** The failure is over, or the last one: it counts, and failures recorded within it do not count again. */
    private function close(): void
    {
        if ($this->failure === null) {
            return;
        }
        [$from, $to, $goesOn] = $this->failure;
        for (; ($this->failedAt[$this->nextFailed] ?? PHP_INT_MAX) < $to; $this->nextFailed++) {
            $at = $this->failedAt[$this->nextFailed];
            $this->failures += $at < $from && $this->period->holds($at) ? 1 : 0;
        }
        if (! $this->period->holds($from)) {
            return;
        }
        $this->failures++;
        if (! $goesOn) {
            $this->finished++;
            $this->repair += $to - $from;
        }
    }
}
