<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\People\Models\User;
use App\Platform\Frame\Wording;
use App\Platform\Sites\SiteDays;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderLabour;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\CrewOf;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\WorkedMinutes;
use Sundial\Work\Plan\AsPlanned;

/**
 * Books what was planned and is not booked yet: hours of those whose trade was wanted, and parts. Whatever went
 * otherwise is struck out or given back afterwards. Pressed twice, it finds nothing left.
 */
final readonly class BookAsPlanned
{
    public function __construct(
        private OrderMoves $moves,
        private BookHours $book,
        private UsePart $use,
        private CrewOf $crew,
        private SiteDays $days,
        private Wording $words,
    ) {
    }

    /** @return list<string> what was booked, and for whom nobody was found */
    public function __invoke(User $me, WorkOrder $order): array
    {
        return DB::transaction(function () use ($me, $order): array {
            $order = $this->moves->lock($order);
            $order->load(['labour.trade', 'parts', 'uses', 'bookings.strike', 'bookings.person']);

            return [...$this->hours($me, $order), ...$this->parts($me, $order)];
        });
    }

    /** @return list<string> */
    private function hours(User $me, WorkOrder $order): array
    {
        // What a contractor sends is billed and not booked by the hour.
        $lines = $order->labour->whereNull('supplier_id')->values();
        $left = $order->labourLeft($lines);
        $crew = ($this->crew)($me, $order);
        $shared = AsPlanned::share(
            array_values($lines->map(
                static fn (OrderLabour $one, int $i): array => [$one->trade_id, $one->people, $left[$i]],
            )->all()),
            $crew->map(static fn (User $one): ?int => $one->trade_id)->all(),
        );
        $today = $this->days->today($order->site_id);
        $said = [];
        foreach ($shared->minutes as $person => $minutes) {
            /** @var User $who */
            $who = $crew->get($person);
            ($this->book)($me->actor(), $order, $who, $today, WorkedMinutes::of($minutes, 0, 0));
            $said[] = "{$this->words->minutes($minutes)} of {$who->name}";
        }
        foreach ($shared->missing as [$trade, $people, $minutes]) {
            $name = (string) $lines->firstWhere('trade_id', $trade)?->trade->name;
            $said[] = "nobody for {$people} × {$name}, {$this->words->minutes($minutes)} each";
        }

        return $said;
    }

    /** @return list<string> */
    private function parts(User $me, WorkOrder $order): array
    {
        $said = [];
        foreach ($order->parts as $line) {
            $left = $order->leftOf($line);
            if ($left > 0) {
                $used = PartUsed::ofLine($line, $left);
                ($this->use)($me->actor(), $order, $used);
                $said[] = $used->words();
            }
        }

        return $said;
    }
}
