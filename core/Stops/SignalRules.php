<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\Rounding;

/**
 * Makes stops and output of what a machine signals. From one signal to the next it stands where it said that it idles,
 * or where it made fewer than it must; what lasts longer than the line allows is a stop. What was made between two
 * signals is shared out over the minutes between them.
 */
final readonly class SignalRules
{
    private const MINUTE = 60;

    /**
     * @param  int  $idleAfter  seconds
     * @param  float  $leastPerSecond  pieces; 0: however few it makes, it runs
     */
    private function __construct(private int $idleAfter, private float $leastPerSecond)
    {
    }

    public static function idleAfter(int $seconds, float $leastPerSecond = 0.0): self
    {
        return new self($seconds, $leastPerSecond);
    }

    /**
     * @param  list<Signal>  $signals  in the order of their time
     * @return list<array{int, int|null}> from and to, in order; null: it stands still
     */
    public function stops(array $signals, int $now): array
    {
        $stands = [];
        foreach ($signals as $i => $signal) {
            $next = $signals[$i + 1] ?? null;
            if (! $this->isStanding($signal, $next)) {
                continue;
            }
            $last = array_key_last($stands);
            if ($last !== null && $stands[$last][1] === $signal->at) {
                $stands[$last][1] = $next?->at;
            } else {
                $stands[] = [$signal->at, $next?->at];
            }
        }

        return array_values(array_filter(
            $stands,
            fn (array $one): bool => ($one[1] ?? $now) - $one[0] > $this->idleAfter,
        ));
    }

    /**
     * @param  list<Signal>  $signals  in the order of their time
     * @return array<int, array{int, int}> pieces and rejects by the epoch second at which a minute begins
     */
    public static function output(array $signals): array
    {
        $by = [];
        for ($i = 1; $i < count($signals); $i++) {
            [$from, $to] = [$signals[$i - 1], $signals[$i]];
            foreach (self::shared($from, $to, $from->piecesTo($to) ?? 0) as $minute => $pieces) {
                $by[$minute] = [($by[$minute][0] ?? 0) + $pieces, $by[$minute][1] ?? 0];
            }
            foreach (self::shared($from, $to, $from->rejectsTo($to) ?? 0) as $minute => $pieces) {
                $by[$minute] = [$by[$minute][0] ?? 0, ($by[$minute][1] ?? 0) + $pieces];
            }
        }
        ksort($by);

        return $by;
    }

    private function isStanding(Signal $signal, ?Signal $next): bool
    {
        if (! $signal->runs) {
            return true;
        }
        $pieces = $next === null ? null : $signal->piecesTo($next);
        if ($next === null || $pieces === null || $next->at === $signal->at) {
            return false;
        }

        return $pieces / ($next->at - $signal->at) < $this->leastPerSecond;
    }

    /**
     * Whole pieces, each minute up to its end as many as by then were made: none is lost or made twice.
     *
     * @return array<int, int> by the second at which a minute begins
     */
    private static function shared(Signal $from, Signal $to, int $pieces): array
    {
        $by = [];
        $length = max(1, $to->at - $from->at);
        $before = 0;
        for ($minute = intdiv($from->at, self::MINUTE) * self::MINUTE; $minute <= $to->at; $minute += self::MINUTE) {
            $until = min($to->at, $minute + self::MINUTE);
            $made = $until >= $to->at ? $pieces : Rounding::divideDown($pieces * ($until - $from->at), $length);
            if ($made > $before) {
                $by[$minute] = $made - $before;
            }
            $before = max($before, $made);
            if ($until >= $to->at) {
                break;
            }
        }

        return $by;
    }
}
