<?php

declare(strict_types=1);

namespace Sundial\Stock;

/**
 * From which shelf each piece of a part comes, where several stores of a site keep it. What is promised to whoever
 * takes it is taken where it is promised; the rest where most is free; what is left over is asked of the first shelf.
 * Quantities are thousandths of the unit.
 */
final readonly class FromShelves
{
    /** @param  array<int, array{int, int}>  $shelves  promised to it already, and free, by shelf */
    private function __construct(private array $shelves)
    {
    }

    /** @param  array<int, array{int, int}>  $shelves  promised to it, and free, by shelf; where it waits first */
    public static function of(array $shelves): self
    {
        return new self($shelves);
    }

    /**
     * Example: 6 wanted; shelf 1 promises it 2 and has 1 free, shelf 2 has 5 free: 2 from shelf 1, 4 from shelf 2.
     *
     * @return array<int, int> thousandths by shelf; those that give nothing are left out
     */
    public function take(int $thousandths): array
    {
        $taken = [];
        foreach ($this->shelves as $id => [$promised]) {
            $taken[$id] = min($thousandths, $promised);
            $thousandths -= $taken[$id];
        }
        foreach ($this->freest() as $id) {
            $some = min($thousandths, max(0, $this->shelves[$id][1]));
            $taken[$id] += $some;
            $thousandths -= $some;
        }
        $first = array_key_first($this->shelves);
        if ($first !== null) {
            $taken[$first] += $thousandths;
        }

        return array_filter($taken);
    }

    /** @return list<int> shelves, the one with most free first; of equals the one that stands first */
    private function freest(): array
    {
        $ids = array_keys($this->shelves);
        usort($ids, fn (int $a, int $b): int => $this->shelves[$b][1] <=> $this->shelves[$a][1]);

        return $ids;
    }
}
