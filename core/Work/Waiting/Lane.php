<?php

declare(strict_types=1);

namespace Sundial\Work\Waiting;

use Sundial\Work\OrderState;

/** Where work waits, from a request that nobody answered to an order that nobody reviewed. */
enum Lane: string
{
    case Requests = 'requests';
    case Planned = 'planned';
    case Approved = 'approved';
    case UnderWay = 'under way';
    case OnHold = 'on hold';
    case Done = 'done';

    /** @return self|null where an order waits; null for one that waits nowhere any more */
    public static function of(OrderState $state): ?self
    {
        return match ($state) {
            OrderState::Draft, OrderState::Planned => self::Planned,
            OrderState::Approved => self::Approved,
            OrderState::UnderWay => self::UnderWay,
            OrderState::OnHold => self::OnHold,
            OrderState::Done => self::Done,
            OrderState::Closed, OrderState::Cancelled => null,
        };
    }

    /** Whether people can go on with what stands there tomorrow. */
    public function isReady(): bool
    {
        return $this === self::Approved || $this === self::UnderWay;
    }

    /** Days that it may stand there at a plant that has not agreed otherwise. */
    public function usualDays(): int
    {
        return match ($this) {
            self::Requests => 2,
            self::Planned => 7,
            self::Approved => 14,
            self::UnderWay => 5,
            self::OnHold => 10,
            self::Done => 3,
        };
    }

    /** What is wanted of whoever looks, after the number of those that stand there. */
    public function wants(): string
    {
        return match ($this) {
            self::Requests => 'to answer',
            self::Planned => 'to approve',
            self::Approved => 'to start',
            self::UnderWay => 'in work',
            self::OnHold => 'waiting',
            self::Done => 'to review',
        };
    }
}
