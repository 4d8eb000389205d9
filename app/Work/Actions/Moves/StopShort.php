<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\PlanWriting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Work\AssetState;
use Sundial\Work\CancelledVisit;

/**
 * Stops work short on which something was booked: its costs stay where they are, and an order for the rest takes what
 * is left: open steps, hours, parts, services that nobody has booked, and its visits.
 */
final readonly class StopShort
{
    private const STEP = ['text', 'detail', 'safety', 'minutes', 'unit', 'low', 'high', 'choices', 'asset_id'];

    public function __construct(
        private OrderMoves $moves,
        private CancelWorkOrder $cancel,
        private RaiseOrder $raise,
        private TakeVisitsAlong $takeAlong,
        private PlanWriting $plan,
    ) {
    }

    /** @return WorkOrder the order for the rest */
    public function __invoke(Actor $by, WorkOrder $order, string $reason): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $reason): WorkOrder {
            $order = $this->moves->lock($order)->load([
                'asset',
                'location',
                'steps',
                'labour',
                'parts',
                'services',
                'bookings.strike',
                'bookings.person',
                'uses',
                'serviceBookings',
                'covered',
            ]);
            if ($order->bookings->whereNull('strike')->isEmpty() && $order->uses->isEmpty()) {
                throw InvalidInput::because(
                    'nothing_booked',
                    'reason',
                    'Nothing is booked on this order, so nothing is left of it. Cancel it instead.',
                );
            }
            $schedules = $order->covered->map(static fn (Visit $one): int => $one->schedule_id)->all();
            ($this->cancel)($by, $order, $reason, CancelledVisit::GiveBack);
            $rest = $this->raiseRest($by, $order);
            if ($schedules !== []) {
                $rest = ($this->takeAlong)($by, $rest, array_values($schedules));
                $this->leaveOutDone($order, $rest);
            }
            $rest = $this->plan->lock($rest);
            $this->copyRest($order, $rest);
            $this->plan->done($by, $rest, "put what is left of {$order->label()} into");
            WorkOrder::query()->whereKey($order->id)->update(['rest_id' => $rest->id]);

            return $rest;
        });
    }

    private function raiseRest(Actor $by, WorkOrder $order): WorkOrder
    {
        $due = $order->due_on === null ? null : LocalDate::parse($order->due_on);
        // What is done on some of its assets is left on the others.
        $left = $order->rows()->with('asset')->where('state', AssetState::Open)->get();
        $rest = ($this->raise)(
            $by,
            OrderInput::on($left->first()->asset ?? $order->worksite(), "{$order->title}, the rest", $order->about)
                ->as($order->type, $order->priority, $due)
                ->for(new Assignment($order->team_id, $order->assignee_id, $due)),
        );
        OrderRows::addAssets($rest->id, ...array_values(array_filter($left->pluck('asset_id')->all())));

        return $rest;
    }

    /** Steps of its visits that were done already are not done twice. */
    private function leaveOutDone(WorkOrder $order, WorkOrder $rest): void
    {
        $done = $order->steps
            ->filter(static fn (OrderStep $step): bool => $step->visit_id !== null && $step->ticked_at !== null)
            ->pluck('text')
            ->all();
        DB::table('order_steps')
            ->where('order_id', $rest->id)
            ->whereNotNull('visit_id')
            ->whereIn('text', $done)
            ->delete();
    }

    /** What was planned by hand, as far as it is left; what its visits need came with them. */
    private function copyRest(WorkOrder $order, WorkOrder $rest): void
    {
        $last = (int) DB::table('order_steps')->where('order_id', $rest->id)->max('position');
        foreach ($order->steps->whereNull('visit_id')->whereNull('ticked_at')->values() as $i => $step) {
            DB::table('order_steps')->insert([
                'order_id' => $rest->id,
                'position' => $last + $i + 1,
                'answer' => $step->answer->value,
                ...$step->only(self::STEP),
            ]);
        }
        $lines = $order->labour->whereNull('visit_id')->values();
        $left = $order->labourLeft($lines);
        foreach ($lines as $i => $line) {
            if ($left[$i] > 0) {
                DB::table('order_labour')->insert([
                    ...$line->only(OrderLabour::PLANNED),
                    'order_id' => $rest->id,
                    'minutes' => $left[$i],
                ]);
            }
        }
        foreach ($order->parts->whereNull('visit_id') as $line) {
            $this->copyPart($order, $rest, $line);
        }
        foreach ($this->servicesLeft($order) as $line) {
            DB::table('order_services')->insert([
                'order_id' => $rest->id,
                ...$line->only(['supplier_id', 'what', 'planned_cents', 'agreed_on']),
            ]);
        }
    }

    /** @return Collection<int, OrderService> those of which nothing was booked, as far as bookings name them */
    private function servicesLeft(WorkOrder $order): Collection
    {
        $named = $order->serviceBookings->whereNotNull('line_id');

        return $named->count() < $order->serviceBookings->count()
            ? new Collection()
            : $order->services->whereNull('visit_id')->whereNotIn('id', $named->pluck('line_id')->all());
    }

    private function copyPart(WorkOrder $order, WorkOrder $rest, OrderPart $line): void
    {
        $left = $order->leftOf($line);
        if ($left > 0) {
            DB::table('order_parts')->insert([
                'order_id' => $rest->id,
                'quantity' => Quantity::plain($left),
                'source' => $line->source->value,
                ...$line->only(['part_id', 'name', 'unit', 'price']),
            ]);
        }
    }
}
