<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\Platform\Frame\Wording;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\AnswerStep;
use App\Work\Actions\StrikeBooking;
use App\Work\Actions\TickPlainSteps;
use App\Work\Actions\TickStep;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\TypedBooking;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;

final class BookingController
{
    public function tick(
        Request $request,
        WorkOrder $order,
        int $position,
        TickStep $tick,
        AnswerStep $answer,
    ): RedirectResponse {
        if ($request->has('done')) {
            $tick($request->user()->actor(), $order, $position, $request->boolean('done'));
        } else {
            $given = $request->validate([
                'value' => ['nullable', 'string', 'max:1000'],
                'meter_id' => ['nullable', 'integer'],
                'turn' => ['nullable', 'in:confirmed,rolled over,replaced'],
                'old_final' => ['nullable', 'string', 'max:20'],
                'file' => ['nullable', 'file'],
                'drawn' => ['nullable', 'string', 'max:400000'],
            ]);
            $answer(
                $request->user()->actor(),
                $order,
                $position,
                ['meter_id' => isset($given['meter_id']) ? (int) $given['meter_id'] : null] + $given,
                $this->picture($request),
            );
        }

        return redirect("/orders/{$order->id}#step-{$position}");
    }

    public function tickAll(
        Request $request,
        WorkOrder $order,
        TickPlainSteps $tick,
        Wording $words,
    ): RedirectResponse {
        $ticked = $tick($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}#steps")->with(
            'said',
            $ticked === 0 ? 'No plain step was open.' : "{$words->count($ticked, 'step')} ticked.",
        );
    }

    /** @return array{string, string}|null path and name of what was chosen or drawn */
    private function picture(Request $request): ?array
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            return [$file->getPathname(), $file->getClientOriginalName()];
        }
        $drawn = base64_decode(
            (string) preg_replace('~^data:image/png;base64,~', '', Typed::word($request, 'drawn')),
            true,
        );
        if ($drawn === false || $drawn === '') {
            return null;
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'sign');
        file_put_contents($path, $drawn);
        app()->terminating(static fn () => @unlink($path));

        return [$path, "signature of {$request->user()->name}.png"];
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
        $once = $request->input('once');
        [$location, $said] = $answers->answer(is_string($once) ? $once : null, static function () use (
            $book,
            $me,
            $order,
            $request,
            $words,
        ): array {
            $booking = $book($me, $order, $request->all());

            return [
                "/orders/{$order->id}#hours",
                "Booked: {$words->minutes($booking->minutes)} of {$booking->person->name}.",
            ];
        });

        return redirect($location)->with('said', $said);
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
