<?php

declare(strict_types=1);

namespace Sundial\Work\Rules;

use Sundial\Access\Role;
use Sundial\Costing\CostSum;
use Sundial\Support\InvalidInput;

/**
 * How a site keeps apart who asks, who approves and who closes. A small site sets none of it: then everything is
 * allowed to whoever has the right.
 */
final readonly class WorkRules
{
    /**
     * @param  array<string, int|null>  $limits  cents up to which a role approves, by role; null or missing: any
     * @param  int|null  $ownAbove  cents above which nobody approves what they raised; null: not asked
     */
    private function __construct(
        private array $limits,
        public ?int $ownAbove,
        public Asked $secondToClose,
        public Asked $handBack,
    ) {
    }

    public static function none(): self
    {
        return new self([], null, Asked::No, Asked::No);
    }

    /**
     * @param  array<string, int|null>  $limits  cents up to which a role approves, by role; null: any amount
     * @param  int|null  $ownAbove  cents above which nobody approves what they raised
     *
     * @throws InvalidInput out_of_range an amount below zero
     */
    public static function approving(array $limits, ?int $ownAbove): self
    {
        foreach ([...$limits, 'own_above' => $ownAbove] as $field => $cents) {
            if ($cents !== null && $cents < 0) {
                throw InvalidInput::outside((string) $field, $cents, 0);
            }
        }

        return new self($limits, $ownAbove, Asked::No, Asked::No);
    }

    /** Whether somebody else has to close what one person alone booked on, and operations to take the machine back. */
    public function closing(Asked $secondToClose, Asked $handBack): self
    {
        return new self($this->limits, $this->ownAbove, $secondToClose, $handBack);
    }

    /** Cents up to which a role approves; null: any amount. */
    public function limitOf(Role $role): ?int
    {
        return $this->limits[$role->value] ?? null;
    }

    /**
     * Lets an approval pass: up to the amount of the role of theirs that may approve most, and not one's own above
     * the amount of the site. A plan of which a cost is unknown passes only where there is no limit.
     *
     * @param  list<Role>  $roles  of whoever approves, of those that may approve at all
     *
     * @throws InvalidInput above_limit, own_order, unknown_cost
     */
    public function checkApproval(array $roles, CostSum $planned, RaisedBy $raised): void
    {
        $limit = $this->most($roles);
        if ($raised === RaisedBy::Oneself && $this->ownAbove !== null && self::isAbove($planned, $this->ownAbove)) {
            throw InvalidInput::because(
                'own_order',
                'approve',
                'Whoever raised an order of that amount does not approve it. Ask somebody else who may.',
                $planned->cents,
            );
        }
        if ($limit !== null && ! $planned->isKnown()) {
            throw InvalidInput::because(
                'unknown_cost',
                'approve',
                'What a line costs is unknown, so the order may cost more than you approve. Give the price, or ask '.
                    'somebody who approves any amount.',
            );
        }
        if ($limit !== null && $planned->cents > $limit) {
            throw InvalidInput::because(
                'above_limit',
                'approve',
                'The order costs more than you approve at this site. Ask somebody who may approve that amount.',
                $planned->cents,
            );
        }
    }

    /**
     * Lets a closing pass: where the site asks for it, nobody closes what they alone booked on.
     *
     * @param  list<int>  $bookers  people who booked hours
     *
     * @throws InvalidInput booked_alone
     */
    public function checkClosing(int $closer, array $bookers): void
    {
        if ($this->secondToClose->isYes() && $bookers !== [] && array_unique($bookers) === [$closer]) {
            throw InvalidInput::because(
                'booked_alone',
                'review',
                'You alone booked on this order, so somebody else reviews it.',
            );
        }
    }

    /** @param  list<Role>  $roles */
    private function most(array $roles): ?int
    {
        $limits = array_map(fn (Role $role): ?int => $this->limitOf($role), $roles);

        return in_array(null, $limits, true) || $limits === [] ? null : max($limits);
    }

    private static function isAbove(CostSum $planned, int $amount): bool
    {
        return ! $planned->isKnown() || $planned->cents > $amount;
    }
}
