<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Frame\Wording;
use App\Work\Models\WorkOrder;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\Overtime;

/** The grid of people and days in which the hours of an order are written. */
final readonly class HoursPage
{
    private const DAYS = 7;

    public function __construct(private PeopleOf $peopleOf, private Wording $words)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(WorkOrder $order, User $me, LocalDate $last): array
    {
        $order->load(['bookings.strike']);
        $people = $this->peopleOf->with(Right::WorkOnOwnOrders, $order->site_id);
        if (! $me->may(Right::WorkOnAnyOrder, $order->site_id)) {
            $people = $people->where('id', $me->id);
        }
        $booked = [];
        foreach ($order->bookings->whereNull('strike') as $one) {
            $cell = "{$one->user_id}.{$one->worked_on}";
            $booked[$cell] = ($booked[$cell] ?? 0) + $one->minutes;
        }
        // Those who worked on it, or whose it is, first.
        $near = [$order->assignee_id, ...$order->bookings->pluck('user_id')->all()];
        $first = static fn (User $one): int => in_array($one->id, $near, true) ||
            in_array($order->team_id, $one->teamIds(), true) ? 0 : 1;

        return [
            'order' => $order,
            'people' => $people->sortBy([static fn (User $a, User $b): int => $first($a) <=> $first($b)])->values(),
            'days' => array_map(
                static fn (int $back): LocalDate => $last->plusDays($back - self::DAYS + 1),
                range(0, self::DAYS - 1),
            ),
            'booked' => array_map($this->words->minutes(...), $booked),
            'kinds' => Overtime::cases(),
            'before' => $last->plusDays(-self::DAYS),
            'after' => $last->isBefore($this->words->today())
                ? LocalDate::earlier($this->words->today(), $last->plusDays(self::DAYS))
                : null,
        ];
    }
}
