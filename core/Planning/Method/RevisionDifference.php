<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

/**
 * Two lists of steps side by side: the longest run of steps that both have, in order, with what was changed, added or
 * taken away between.
 */
final readonly class RevisionDifference
{
    /**
     * @param  list<array{int|null, int|null, StepChange}>  $rows place in the old list, place in the new one, and
     *     what became of it
     */
    private function __construct(public array $rows)
    {
    }

    /**
     * Steps are matched by their text (longest common subsequence, at most 400 steps each); what stands between two
     * matches is paired in order
     * as changed. A matched step is the same only if everything about it is.
     *
     * @param  list<array<string, scalar|null>>  $old  each with at least "text"
     * @param  list<array<string, scalar|null>>  $new
     */
    public static function between(array $old, array $new): self
    {
        $rows = [];
        [$i, $j] = [0, 0];
        foreach ([...self::matches($old, $new), [count($old), count($new)]] as [$nextOld, $nextNew]) {
            for (; $i < $nextOld || $j < $nextNew; $i++, $j++) {
                $rows[] = match (true) {
                    $i >= $nextOld => [null, $j, StepChange::Added],
                    $j >= $nextNew => [$i, null, StepChange::Gone],
                    default => [$i, $j, StepChange::Changed],
                };
                // Where one side has run out, its place stands still.
                $i = min($i, $nextOld - 1);
                $j = min($j, $nextNew - 1);
            }
            if ($nextOld < count($old)) {
                $rows[] = [
                    $nextOld,
                    $nextNew,
                    $old[$nextOld] === $new[$nextNew] ? StepChange::Same : StepChange::Changed,
                ];
            }
            [$i, $j] = [$nextOld + 1, $nextNew + 1];
        }

        return new self($rows);
    }

    /** Whether nothing differs. */
    public function isNone(): bool
    {
        return array_filter($this->rows, static fn (array $row): bool => $row[2] !== StepChange::Same) === [];
    }

    /**
     * The places of steps that are the same in both, old by new.
     *
     * @return array<int, int>
     */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->rows as [$old, $new, $change]) {
            if ($change === StepChange::Same && $old !== null && $new !== null) {
                $kept[$new] = $old;
            }
        }

        return $kept;
    }

    /**
     * @param  list<array<string, scalar|null>>  $old
     * @param  list<array<string, scalar|null>>  $new
     * @return list<array{int, int}>
     */
    private static function matches(array $old, array $new): array
    {
        $longest = array_fill(0, count($old) + 1, array_fill(0, count($new) + 1, 0));
        for ($i = count($old) - 1; $i >= 0; $i--) {
            for ($j = count($new) - 1; $j >= 0; $j--) {
                $longest[$i][$j] =
                    $old[$i]['text'] === $new[$j]['text']
                        ? $longest[$i + 1][$j + 1] + 1
                        : max($longest[$i + 1][$j], $longest[$i][$j + 1]);
            }
        }
        $matches = [];
        for ([$i, $j] = [0, 0]; $i < count($old) && $j < count($new);) {
            if ($old[$i]['text'] === $new[$j]['text']) {
                $matches[] = [$i++, $j++];
            } elseif ($longest[$i + 1][$j] >= $longest[$i][$j + 1]) {
                $i++;
            } else {
                $j++;
            }
        }

        return $matches;
    }
}
