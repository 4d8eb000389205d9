<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Sundial\Access\Right;

/**
 * Who works on an order, in the order in which they come to mind: whose it is, whoever asks, the others of its team.
 * Whoever may book their own hours alone is the only one.
 */
final readonly class CrewOf
{
    public function __construct(private PeopleOf $people)
    {
    }

    /** @return Collection<int, User> by id */
    public function __invoke(User $me, WorkOrder $order): Collection
    {
        $works = $this->people->with(Right::WorkOnOwnOrders, $order->site_id);
        if (! $me->may(Right::WorkOnAnyOrder, $order->site_id)) {
            $works = $works->where('id', $me->id);
        }
        $rank = static fn (User $one): int => match (true) {
            $one->id === $order->assignee_id => 0,
            $one->id === $me->id => 1,
            default => 2,
        };

        return $works
            ->filter(
                static fn (User $one): bool => $rank($one) < 2 ||
                    ($order->team_id !== null && in_array($order->team_id, $one->teamIds(), true)),
            )
            ->sortBy([static fn (User $a, User $b): int => $rank($a) <=> $rank($b) ?: $a->name <=> $b->name])
            ->keyBy('id');
    }
}
