<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Booking;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\OrderCosts;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderMove;

/** Closes a finished order after its review: from now on it is locked. */
final readonly class CloseWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private WorkRulesOf $rules,
        private OrderCosts $costs,
        private SiteDays $days,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, ?string $review = null): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $review): WorkOrder {
            $order = $this->moves->lock($order);
            $this->refuseUnknownCost($order);
            $this->refuseUncoded($order);
            $this->keepApart($by, $order);

            return $this->moves->make($by, $order, OrderMove::Close, 'reviewed and closed', $review, [
                'closed_at' => $this->moves->now(),
                'review' => $review,
                'planned_cents' => $this->planned($order),
            ]);
        });
    }

    /** What its plan was to cost, as far as all of it is known: what it cost is held against that. */
    private function planned(WorkOrder $order): ?int
    {
        $order->load(['labour', 'parts', 'services']);
        $planned = $this->costs->planned($order, $this->days->today($order->site_id))->total();

        return $planned->isKnown() ? $planned->cents : null;
    }

    /** What the site asks for: a second person, and that operations took the machine back. */
    private function keepApart(Actor $by, WorkOrder $order): void
    {
        $rules = $this->rules->ofSite($order->site_id);
        $bookers = Booking::counted()->where('order_id', $order->id)->distinct()->pluck('user_id');
        $rules->checkClosing((int) $by->id, array_values($bookers->map(intval(...))->all()));
        if ($rules->handBack->isYes() && $order->asset_id !== null && $order->handed_back_at === null) {
            throw InvalidInput::because(
                'not_handed_back',
                'review',
                'Operations have not taken the machine back yet. Whoever runs it says so on Today, or on the order.',
            );
        }
    }

    /** Once it is closed its cost is final, so it must be known. */
    private function refuseUnknownCost(WorkOrder $order): void
    {
        $hours = Booking::counted()->where('order_id', $order->id)->whereNull('cost_cents')->with('person')->first();
        $uses = PartUse::query()->where('order_id', $order->id)->orderBy('id')->get();
        $unknown = array_search(null, PartUse::cents($uses), true);
        if ($unknown !== false) {
            $part = $uses->values()[$unknown];
            throw InvalidInput::because(
                'no_price',
                'review',
                "The cost of {$part->name} is unknown. Give it back and book it again with its price, then close.",
            );
        }
        if ($hours !== null) {
            $day = LocalDate::parse($hours->worked_on)->inWords();
            throw InvalidInput::because(
                'no_rate',
                'review',
                "{$hours->person->name} has no rate on {$day}, so the cost of these hours is unknown. ".
                    'Set a rate from that day or before, strike the hours out and book them again, then close.',
            );
        }
    }

    /** What failed has to be told in words that can be counted, or that nothing did. */
    private function refuseUncoded(WorkOrder $order): void
    {
        if ($order->asksWhatFailed() && $order->failure()->doesntExist()) {
            throw InvalidInput::because(
                'no_failure_record',
                'review',
                'Say what failed first, under “What failed”: what, why, and what was done. If nothing failed, say '.
                    'that.',
            );
        }
    }
}
