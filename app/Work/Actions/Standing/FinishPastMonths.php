<?php

declare(strict_types=1);

namespace App\Work\Actions\Standing;

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Models\WorkOrder;
use DateTimeImmutable;
use DateTimeZone;
use Sundial\Support\SundialException;
use Sundial\Work\OrderState;
use Sundial\Work\Standing\BookedMonth;

/** Finishes the standing orders of months that are over; until they are closed, late hours are still booked on them. */
final readonly class FinishPastMonths
{
    public function __construct(private FinishWorkOrder $finish, private SiteDays $days)
    {
    }

    /** @return int how many were finished; run twice, none the second time */
    public function __invoke(int $siteId): int
    {
        $site = $this->days->site($siteId);
        $today = $this->days->today($siteId);
        $finished = 0;
        $open = WorkOrder::query()
            ->where('site_id', $siteId)
            ->where('state', OrderState::UnderWay)
            ->whereNotNull('standing_id')
            ->orderBy('id')
            ->get();
        foreach ($open as $order) {
            $month = BookedMonth::parse((string) $order->standing_month);
            if (! $month->isOver($today)) {
                continue;
            }
            $end = new DateTimeImmutable("{$month->last()} 23:59:00", $site->zone());
            $at = max($end, new DateTimeImmutable((string) $order->started_at, new DateTimeZone('UTC')));
            try {
                ($this->finish)(Actor::sundial(), $order, $at->setTimezone(new DateTimeZone('UTC')));
                $finished++;
            } catch (SundialException) {
                // Locks or a question keep it open: whoever looks after it finishes it.
                continue;
            }
        }

        return $finished;
    }
}
