<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\Booking\DropTimer;
use App\Work\Actions\Booking\StartTimer;
use App\Work\Actions\Booking\StopTimer;
use App\Work\Models\Timer;
use App\Work\Models\WorkOrder;
use App\Work\Queries\TimerOf;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;
use Sundial\Work\RunningTime;

/** The clock of whoever works: one runs at most. */
final class TimerController
{
    public function __construct(private readonly Wording $words, private readonly CurrentSite $site)
    {
    }

    public function show(Request $request, TimerOf $timer): Page
    {
        $running = $timer((int) $request->user()?->getAuthIdentifier());

        return Page::in('work', 'My clock')
            ->sheet('work.timer', [
                'timer' => $running,
                'isForgotten' => $running !== null
                    && RunningTime::isForgotten($this->dayOf($running), $this->site->today()),
            ])
            ->withoutHorizon();
    }

    public function start(Request $request, WorkOrder $order, StartTimer $start): RedirectResponse
    {
        $before = $start($request->user(), $order);

        return redirect("/orders/{$order->id}")->with(
            'said',
            "Your clock runs on {$order->label()}.".
                ($before === null
                    ? ''
                    : " It was stopped elsewhere: {$this->words->minutes($before->minutes)} are booked."),
        );
    }

    public function stop(Request $request, StopTimer $stop): RedirectResponse
    {
        $given = $request->validate(
            ['stopped_at' => ['nullable', 'date_format:Y-m-d\TH:i']],
            ['stopped_at.date_format' => 'Give the day and the time at which you stopped.'],
        );
        $at = isset($given['stopped_at'])
            ? (new DateTimeImmutable($given['stopped_at'], $this->site->get()->zone()))
                ->setTimezone(new DateTimeZone('UTC'))
            : null;
        $booking = $stop($request->user(), $at);

        return redirect("/orders/{$booking->order_id}#hours")->with(
            'said',
            "Booked: {$this->words->minutes($booking->minutes)} of {$booking->person->name}.",
        );
    }

    public function drop(Request $request, DropTimer $drop): RedirectResponse
    {
        $drop($request->user());

        return redirect('/today')->with('said', 'The clock is stopped, and nothing was booked.');
    }

    private function dayOf(Timer $timer): LocalDate
    {
        return LocalDate::parse($this->words->local($timer->started_at)->format('Y-m-d'));
    }
}
