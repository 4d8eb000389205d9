<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\People\Models\User;
use App\People\Queries\RatesOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\BookedDay;
use Sundial\Costing\LabourCost;
use Sundial\Costing\SpentOn;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;

/** Books hours of a person on an order, at the rate of the day on which they were worked. */
final readonly class BookHours
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private RatesOf $ratesOf,
        private Clock $clock,
        private SiteDays $sites,
        private CostShares $shares,
    ) {
    }

    public function __invoke(
        Actor $by,
        WorkOrder $order,
        User $person,
        LocalDate $day,
        WorkedMinutes $worked,
        ?string $note = null,
        SpentOn $on = SpentOn::Plan,
        ?int $rowId = null,
    ): Booking {
        return DB::transaction(function () use ($by, $order, $person, $day, $worked, $note, $on, $rowId): Booking {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'minutes',
                    "Hours are booked while the work is under way or done; this order is {$order->state->value}.",
                );
            }
            // Two orders at once are two rows; the day of a person is one.
            User::query()->lockForUpdate()->findOrFail($person->id);
            $already = (int) Booking::counted()
                ->where('user_id', $person->id)
                ->where('worked_on', (string) $day)
                ->sum('minutes');
            $minutes = $worked->worked();
            BookedDay::check(
                $minutes,
                $already,
                $day,
                $this->sites->site($order->site_id)->dayOf($this->clock->now()),
                $person->name,
            );
            $rate = ($this->ratesOf)($person)->on($day);
            $booking = Booking::query()->create([
                'order_id' => $order->id,
                'user_id' => $person->id,
                'worked_on' => (string) $day,
                'normal_minutes' => $worked->normal,
                'half_minutes' => $worked->timeAndHalf,
                'double_minutes' => $worked->double,
                'rate' => $rate?->plain(),
                'cost_cents' => $rate === null ? null : LabourCost::of($worked, $rate),
                'note' => $note,
                'spent_on' => $on,
                'row_id' => $rowId,
                'booked_by' => $by->id,
            ]);
            $this->shares->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                "booked {$minutes} min of {$person->name} on {$order->label()}",
                ['minutes' => [null, $minutes], 'worked_on' => [null, (string) $day]],
                $note,
                [$order->about()],
            );

            return $booking->refresh();
        });
    }
}
