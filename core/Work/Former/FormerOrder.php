<?php

declare(strict_types=1);

namespace Sundial\Work\Former;

use Sundial\Work\OrderState;

/**
 * An order as the system that was used before tells it, in plain values by column: what in it cannot be.
 */
final readonly class FormerOrder
{
    /** The states in which an order can be taken over: what was begun there is begun anew here. */
    public const STATES = [OrderState::Planned, OrderState::Approved, OrderState::Closed, OrderState::Cancelled];

    /** @param  array<string, string|null>  $cells */
    private function __construct(private array $cells)
    {
    }

    /** @param  array<string, string|null>  $cells  days and moments as text that sorts by time */
    public static function of(array $cells): self
    {
        return new self($cells);
    }

    public function state(): OrderState
    {
        return OrderState::from($this->cells['state'] ?? OrderState::Closed->value);
    }

    /**
     * @param  string  $now  the moment at the site, year-month-day hour:minute
     * @return array<string, string> what is wrong and the way out, by column
     */
    public function wrong(string $now): array
    {
        $wrong = [];
        [$started, $finished] = [$this->cells['started'] ?? null, $this->cells['finished'] ?? null];
        if ($this->state() === OrderState::Closed && $finished === null) {
            $wrong['finished'] = 'A closed order needs the time at which it was finished.';
        }
        if ($this->state()->isOpen() && $finished !== null) {
            $wrong['finished'] = 'An order that is finished is closed. Leave this empty, or say that it is closed.';
        }
        if ($finished !== null && $finished > $now) {
            $wrong['finished'] = 'This lies in the future.';
        }
        if ($started !== null && $started > ($finished ?? $now)) {
            $wrong['started'] = $finished === null ? 'This lies in the future.' : 'It was finished before that.';
        }
        foreach (['hours', 'labour_cost', 'parts_cost', 'services_cost'] as $column) {
            if (str_starts_with($this->cells[$column] ?? '', '-')) {
                $wrong[$column] = 'This cannot be less than nothing.';
            }
        }

        return $wrong + $this->wrongFailure();
    }

    /** @return array<string, string> */
    private function wrongFailure(): array
    {
        $told = array_filter(
            ['mechanism', 'cause', 'action', 'failed_at'],
            fn (string $column): bool => isset($this->cells[$column]),
        );

        return $told !== [] && ! isset($this->cells['mode'])
            ? ['mode' => 'What is told of a failure needs its mode: how it failed.']
            : [];
    }
}
