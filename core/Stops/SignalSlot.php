<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * A quarter of an hour of a shift of which a machine signals what it made. What lies after the last signal is not
 * known; neither is a quarter before which it was silent for ten minutes, unless it counted pieces in it.
 */
final readonly class SignalSlot
{
    private const LONG = 900;

    private const SILENT = 600;

    private function __construct(public Span $whole, public Span $known)
    {
    }

    /**
     * The quarters of a shift, counted from its begin, that a stretch of time touches.
     *
     * @param  int  $last  the second after the last signal, in epoch seconds as all of them
     * @return list<self> in order
     */
    public static function ofShift(Span $shift, Span $touched, int $last): array
    {
        $slots = [];
        $first = $shift->from + intdiv(max(0, $touched->from - $shift->from), self::LONG) * self::LONG;
        for ($at = $first; $at < min($shift->to, $touched->to); $at += self::LONG) {
            $whole = Span::between($at, min($at + self::LONG, $shift->to));
            $slots[] = new self($whole, Span::between($at, max($at, min($whole->to, $last))));
        }

        return $slots;
    }

    /** Since when it must have signalled, for what it made to be known. */
    public function heardSince(): int
    {
        return $this->whole->from - self::SILENT;
    }
}
