<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * The lots of a part on a shelf, and which of them go first: what expires first (first expired, first out), of equals
 * what came first. Pieces that were there before lots were followed have no name, and go last.
 */
final readonly class LotsOnShelf
{
    /** @param  list<Lot>  $lots  as they go */
    private function __construct(private int $onHand, private array $lots)
    {
    }

    /** @param  Lot  ...$lots  what came first stands first */
    public static function of(int $onHand, Lot ...$lots): self
    {
        $day = static fn (Lot $one): int => $one->bestBefore->epochDay ?? PHP_INT_MAX;
        $lots = array_values($lots);
        usort($lots, static fn (Lot $a, Lot $b): int => $day($a) <=> $day($b));

        return new self($onHand, $lots);
    }

    /** Thousandths without a name. */
    public function unnamed(): int
    {
        $named = array_sum(array_map(static fn (Lot $one): int => $one->thousandths, $this->lots));

        return max(0, $this->onHand - $named);
    }

    /**
     * To be used: nothing that is past its day.
     *
     * @return array<string, int> thousandths by name; '' without one
     *
     * @throws InvalidInput expired: what is left is past its day
     */
    public function toUse(int $thousandths, LocalDate $today): array
    {
        $good = array_filter($this->lots, static fn (Lot $one): bool => ! $one->isPast($today));
        $taken = $this->take($thousandths, array_values($good));
        $missing = $thousandths - array_sum($taken);
        $past = array_filter($this->lots, static fn (Lot $one): bool => $one->isPast($today) && $one->thousandths > 0);
        if ($missing > 0 && $past !== []) {
            $names = implode(', ', array_map(static fn (Lot $one): string => $one->name, $past));
            throw InvalidInput::because(
                'expired',
                'lots',
                "What is left is past its day: {$names}. Name it to take it all the same, or write it off.",
                $names,
            );
        }

        return $taken;
    }

    /**
     * To be carried, written off or counted away: what expired first goes first, past its day or not.
     *
     * @return array<string, int> thousandths by name; '' without one
     */
    public function toClear(int $thousandths): array
    {
        return $this->take($thousandths, $this->lots);
    }

    /**
     * Those that were named, past their day or not.
     *
     * @param  array<string, int>  $named  thousandths by name
     * @return array<string, int>
     *
     * @throws InvalidInput not_there
     */
    public function named(array $named): array
    {
        foreach ($named as $name => $thousandths) {
            $there = 0;
            foreach ($this->lots as $lot) {
                $there = $lot->name === (string) $name ? $lot->thousandths : $there;
            }
            if ($there < $thousandths) {
                $words = Quantity::words($there);
                throw InvalidInput::because(
                    'not_there',
                    'lots',
                    $there === 0
                        ? "“{$name}” does not lie there. Choose one that does."
                        : "Of “{$name}” there are {$words}. Take no more, or take the rest of another batch after it.",
                    $name,
                );
            }
        }

        return $named;
    }

    /**
     * @param  list<Lot>  $lots
     * @return array<string, int>
     */
    private function take(int $thousandths, array $lots): array
    {
        $taken = [];
        foreach ($lots as $lot) {
            $taken[$lot->name] = min($thousandths, $lot->thousandths);
            $thousandths -= $taken[$lot->name];
        }
        $taken[''] = min($thousandths, $this->unnamed());

        return array_filter($taken);
    }
}
