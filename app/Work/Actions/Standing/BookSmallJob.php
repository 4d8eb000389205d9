<?php

declare(strict_types=1);

namespace App\Work\Actions\Standing;

use App\People\Models\User;
use App\Planning\Queries\OrderTypes;
use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Actions\Assets\AddAssets;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\SmallJob;
use App\Work\Models\StandingOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Priority;
use Sundial\Work\Standing\BookedMonth;

/**
 * Books the hours and the part of a small job on the standing order of its month, for the asset it was done on. The
 * order is made with the first of them, approved as it was agreed once for all.
 */
final readonly class BookSmallJob
{
    public function __construct(
        private RaiseOrder $raise,
        private ApproveWorkOrder $approve,
        private StartWorkOrder $start,
        private AddAssets $add,
        private BookHours $book,
        private UsePart $use,
        private OrderTypes $types,
        private SiteDays $days,
    ) {
    }

    public function __invoke(User $me, StandingOrder $standing, SmallJob $job): WorkOrder
    {
        return DB::transaction(function () use ($me, $standing, $job): WorkOrder {
            $standing = StandingOrder::query()->lockForUpdate()->findOrFail($standing->id);
            if ($standing->retired || ! $standing->isOpenTo($me) || $job->asset->site_id !== $standing->site_id) {
                throw InvalidInput::because('not_yours', 'standing', 'Choose one of the orders that are offered.');
            }
            $order = $this->order($standing, $job);
            $row = $this->row($me->actor(), $order, $job);
            ($this->book)($me->actor(), $order, $job->person, $job->day, $job->minutes, $job->note, rowId: $row);
            if ($job->part !== null) {
                ($this->use)($me->actor(), $order, $job->part->onRow($row));
            }

            return $order->refresh();
        });
    }

    private function order(StandingOrder $standing, SmallJob $job): WorkOrder
    {
        $month = BookedMonth::of($job->day);
        $order = WorkOrder::query()
            ->where(['standing_id' => $standing->id, 'standing_month' => $month->key()])
            ->lockForUpdate()
            ->first() ?? $this->raise($standing, $month, $job);
        if (! $order->state->takesBookings()) {
            throw InvalidInput::because(
                'closed',
                'day',
                "{$order->label()} for {$month->key()} is {$order->state->value}: nothing is booked on it any more.",
            );
        }

        return $order;
    }

    /** Approved and begun by Sundial: that small jobs are booked was agreed when the standing order was. */
    private function raise(StandingOrder $standing, BookedMonth $month, SmallJob $job): WorkOrder
    {
        $by = Actor::sundial();
        $input = OrderInput::on($job->asset, "{$standing->title}, {$month->key()}")
            ->as($this->types->named($standing->type), Priority::Routine, $this->due($standing, $month))
            ->for(new Assignment($standing->team_id, null, null));
        $order = ($this->raise)($by, $input);
        $order->fill(['standing_id' => $standing->id, 'standing_month' => $month->key()])->save();

        return ($this->start)($by, ($this->approve)($by, $order));
    }

    private function due(StandingOrder $standing, BookedMonth $month): LocalDate
    {
        return LocalDate::later($month->last(), $this->days->today($standing->site_id));
    }

    /** The row of the asset, put on the order where it does not stand there yet. */
    private function row(Actor $by, WorkOrder $order, SmallJob $job): int
    {
        $find = static fn (): ?int => $order->rows()->where('asset_id', $job->asset->id)->value('id');
        if ($find() === null) {
            ($this->add)($by, $order, $job->asset);
        }

        return (int) $find();
    }
}
