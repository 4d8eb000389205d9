<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Support\InvalidInput;

/** What may be entered of a shift: runs within it that share no time, and counts that can be. */
final readonly class ShiftEntry
{
    /**
     * @param  array<string, Span>  $runs  by the field that they were typed in
     *
     * @throws InvalidInput outside, overlap
     */
    public static function checkSpans(Span $shift, array $runs): void
    {
        uasort($runs, static fn (Span $a, Span $b): int => $a->from <=> $b->from);
        $last = null;
        foreach ($runs as $field => $run) {
            if ($run->isEmpty() || $run->from < $shift->from || $run->to > $shift->to) {
                throw InvalidInput::because(
                    'outside',
                    "{$field}.from",
                    'A run lies within its shift, and has some length.',
                );
            }
            if ($last !== null && $run->from < $last->to) {
                throw InvalidInput::because(
                    'overlap',
                    "{$field}.from",
                    'Two runs share some time. Let one end where the next begins.',
                );
            }
            $last = $run;
        }
    }

    /**
     * @param  int  ...$byReason  rejected pieces for each reason
     *
     * @throws InvalidInput reasons_above, reworked_above, negative_count, rejects_above_total
     */
    public static function checkCounts(
        string $field,
        ProductCount $made,
        int ...$byReason,
    ): void {
        if (array_sum($byReason) > $made->rejects) {
            throw InvalidInput::because(
                'reasons_above',
                "{$field}.rejects",
                'By reason more are rejected than in all. Say how many were rejected in all.',
            );
        }
        if ($made->reworked > $made->rejects) {
            throw InvalidInput::because(
                'reworked_above',
                "{$field}.reworked",
                'More are reworked than were rejected.',
            );
        }
        try {
            ProductRun::of('1', $made->total, $made->rejects);
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), "{$field}.{$e->field()}", $e->getMessage(), $e->value);
        }
    }
}
