<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Booking\AnswerStep;
use App\Work\Actions\Booking\BookAsPlanned;
use App\Work\Actions\Booking\BookMany;
use App\Work\Actions\Booking\StrikeBooking;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Actions\Booking\TickStep;
use App\Work\Http\Requests\HoursRequest;
use App\Work\Http\Requests\StepRequest;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\TypedBooking;
use App\Work\Pages\HoursPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Calendar\LocalDate;

final class BookingController
{
    public function tick(
        StepRequest $request,
        WorkOrder $order,
        int $position,
        TickStep $tick,
        AnswerStep $answer,
    ): RedirectResponse {
        $by = $request->user()->actor();
        $taken = $request->has('done')
            ? $tick($by, $order, $position, $request->boolean('done'))
            : $answer($by, $order, $position, $request->said());
        $back = redirect("/orders/{$order->id}#step-{$position}");

        return $taken === [] ? $back : $back->with('said', implode(' ', $taken));
    }

    public function tickAll(
        Request $request,
        WorkOrder $order,
        TickPlainSteps $tick,
        Wording $words,
    ): RedirectResponse {
        [$ticked, $taken] = $tick($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}#steps")->with(
            'said',
            $ticked === 0
                ? 'No plain step was open.'
                : implode(' ', ["{$words->count($ticked, 'step')} ticked.", ...$taken]),
        );
    }

    public function store(
        Request $request,
        WorkOrder $order,
        TypedBooking $book,
        FirstAnswer $answers,
        Wording $words,
    ): RedirectResponse {
        /** @var User $me */
        $me = $request->user();

        return $answers->redirect(static function () use ($book, $me, $order, $request, $words): array {
            $booking = $book($me, $order, $request->all());

            return [
                "/orders/{$order->id}#hours",
                "Booked: {$words->minutes($booking->minutes)} of {$booking->person->name}.",
            ];
        });
    }

    /** The grid of people and days. */
    public function grid(Request $request, WorkOrder $order, HoursPage $page, CurrentSite $sites): Page
    {
        $sites->enter($order->site_id);
        $today = $sites->today();
        $last = LocalDate::earlier(Typed::day($request, 'until', $today), $today);

        return Page::in('work', "Hours of {$order->label()}")
            ->sheet('work.hours-grid', $page($order, $request->user(), $last))
            ->withoutHorizon();
    }

    public function storeGrid(
        HoursRequest $request,
        WorkOrder $order,
        BookMany $book,
        FirstAnswer $answers,
        Wording $words,
    ): RedirectResponse {
        $me = $request->user();
        $cells = $request->cells($order, $me);

        return $answers->redirect(static fn (): array => [
            "/orders/{$order->id}#hours",
            "Booked: {$words->minutes($book($me->actor(), $order, $cells))} in all.",
        ]);
    }

    /** All that was planned and is not booked yet. */
    public function asPlanned(Request $request, WorkOrder $order, BookAsPlanned $book): RedirectResponse
    {
        /** @var User $me */
        $me = $request->user();
        $said = $book($me, $order);

        return redirect("/orders/{$order->id}#hours")->with(
            'said',
            $said === [] ? 'All that was planned is booked already.' : 'As planned: '.implode(', ', $said).'.',
        );
    }

    public function strike(
        Request $request,
        WorkOrder $order,
        Booking $booking,
        StrikeBooking $strike,
    ): RedirectResponse {
        abort_unless($booking->order_id === $order->id, 404);
        abort_unless(
            Gate::allows('strikeBooking', [$order, $booking]),
            403,
            'You can strike out your own hours. A planner or supervisor strikes out those of others.',
        );
        $strike($request->user()->actor(), $order, $booking);

        return redirect("/orders/{$order->id}#hours")->with('said', 'The booking is struck out.');
    }
}
