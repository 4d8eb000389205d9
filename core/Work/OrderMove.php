<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Access\Role;

/** A change of state of a work order: from where, to where, and who may make it. */
enum OrderMove: string
{
    case Plan = 'plan';
    case Approve = 'approve';
    case Start = 'start';
    case Hold = 'hold';
    case Resume = 'resume';
    case Finish = 'finish';
    case Close = 'close';
    case Reopen = 'reopen';
    case Cancel = 'cancel';

    /** @return list<OrderState> the states from which it can be made */
    public function leaves(): array
    {
        return match ($this) {
            self::Plan => [OrderState::Draft],
            self::Approve => [OrderState::Planned],
            self::Start => [OrderState::Approved],
            self::Hold, self::Finish => [OrderState::UnderWay],
            self::Resume => [OrderState::OnHold],
            self::Close => [OrderState::Done],
            self::Reopen => [OrderState::Done, OrderState::Closed],
            self::Cancel => [
                OrderState::Draft,
                OrderState::Planned,
                OrderState::Approved,
                OrderState::UnderWay,
                OrderState::OnHold,
            ],
        };
    }

    /** The state that it leads to. */
    public function to(): OrderState
    {
        return match ($this) {
            self::Plan => OrderState::Planned,
            self::Approve => OrderState::Approved,
            self::Start, self::Resume, self::Reopen => OrderState::UnderWay,
            self::Hold => OrderState::OnHold,
            self::Finish => OrderState::Done,
            self::Close => OrderState::Closed,
            self::Cancel => OrderState::Cancelled,
        };
    }

    /** @return list<Role> who may make it; a technician only on orders assigned to them or their team */
    public function roles(): array
    {
        return match ($this) {
            self::Plan, self::Approve, self::Cancel => [Role::Administrator, Role::Planner, Role::Supervisor],
            self::Start, self::Hold, self::Resume, self::Finish => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Technician,
            ],
            self::Close, self::Reopen => [Role::Administrator, Role::Supervisor],
        };
    }

    /** Holding, reopening and cancelling are never done without saying why. */
    public function needsReason(): bool
    {
        return in_array($this, [self::Hold, self::Reopen, self::Cancel], true);
    }

    /** @return list<self> the moves that lead out of a state */
    public static function outOf(OrderState $state): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $move): bool => in_array($state, $move->leaves(), true)),
        );
    }

    /**
     * The state after this move.
     *
     * @throws MoveRefused when it cannot be made from this state, or needs a reason that was not given
     */
    public function apply(OrderState $state, ?string $reason = null): OrderState
    {
        if (! in_array($state, $this->leaves(), true)) {
            throw MoveRefused::from($this, $state);
        }
        if ($this->needsReason() && trim((string) $reason) === '') {
            throw MoveRefused::withoutReason($this);
        }

        return $this->to();
    }

    /**
     * Whether somebody may make it.
     *
     * @param  iterable<Role>  $held
     * @param  bool  $ownOrder  the order is assigned to this person or to a team of theirs
     */
    public function isOpenTo(iterable $held, bool $ownOrder): bool
    {
        foreach ($held as $role) {
            if (in_array($role, $this->roles(), true) && ($ownOrder || $role !== Role::Technician)) {
                return true;
            }
        }

        return false;
    }
}
