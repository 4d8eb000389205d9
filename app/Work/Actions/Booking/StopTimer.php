<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\People\Models\User;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Booking;
use App\Work\Models\Timer;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;
use Sundial\Work\RunningTime;

/** Stops somebody's clock and books what it counted, on the day on which it was started. */
final readonly class StopTimer
{
    public function __construct(private BookHours $book, private Clock $clock, private SiteDays $days)
    {
    }

    /** @param  DateTimeImmutable|null  $at  when the work ended; null: now */
    public function __invoke(User $me, ?DateTimeImmutable $at = null): Booking
    {
        return DB::transaction(function () use ($me, $at): Booking {
            $timer = Timer::query()->lockForUpdate()->find($me->id) ?? throw InvalidInput::because(
                'not_running',
                'form',
                'Your clock does not run any more. It may have been stopped in another window.',
            );
            $from = new DateTimeImmutable($timer->started_at, new DateTimeZone('UTC'));
            $now = $this->clock->now();
            $minutes = RunningTime::since($from)->until($at ?? $now, $now);
            $order = $timer->order;
            $booking = ($this->book)(
                $me->actor(),
                $order,
                $me,
                $this->days->site($order->site_id)->dayOf($from),
                WorkedMinutes::of($minutes),
            );
            $timer->delete();

            return $booking;
        });
    }
}
