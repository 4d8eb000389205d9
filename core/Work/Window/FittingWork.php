<?php

declare(strict_types=1);

namespace Sundial\Work\Window;

/**
 * What of the ready work fits into a window: the most urgent first, each as long as the window lasts at the most, and
 * all together within the minutes of the people who are free. Greedy by rank, so that what is urgent never gives way to
 * what fills the window better.
 */
final readonly class FittingWork
{
    /**
     * @param  list<int>  $fits  ids, the most urgent first
     * @param  array<int, string>  $left  why each other does not fit
     */
    private function __construct(public array $fits, public array $left)
    {
    }

    /**
     * @param  int  $minutes  of the window
     * @param  array<string, int>  $free  people by trade
     */
    public static function into(int $minutes, array $free, ReadyWork ...$work): self
    {
        usort($work, static fn (ReadyWork $a, ReadyWork $b): int => [$b->rank, $a->id] <=> [$a->rank, $b->id]);
        $left = array_map(static fn (int $people): int => $people * $minutes, $free);
        [$fits, $why] = [[], []];
        foreach ($work as $one) {
            $because = self::because($one, $minutes, $free, $left);
            if ($because !== null) {
                $why[$one->id] = $because;

                continue;
            }
            $fits[] = $one->id;
            foreach ($one->people as [$trade, $people, $each]) {
                $left[$trade] -= $people * $each;
            }
        }

        return new self($fits, $why);
    }

    /**
     * @param  array<string, int>  $free
     * @param  array<string, int>  $left  person-minutes by trade
     */
    private static function because(ReadyWork $one, int $minutes, array $free, array $left): ?string
    {
        if ($one->lacks !== []) {
            return implode(', ', $one->lacks);
        }
        if ($one->minutes > $minutes) {
            return 'takes longer than it stands';
        }
        $needs = [];
        foreach ($one->people as [$trade, $people, $each]) {
            if ($people > ($free[$trade] ?? 0)) {
                return "wants {$people} {$trade}, ".($free[$trade] ?? 0).' free';
            }
            $needs[$trade] = ($needs[$trade] ?? 0) + $people * $each;
        }
        foreach ($needs as $trade => $need) {
            if ($need > $left[$trade]) {
                return "no {$trade} is left for it";
            }
        }

        return null;
    }
}
