<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Api\ApiSites;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Typed;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Api\WorkShape;
use App\Work\Http\Requests\RaiseOrderRequest;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PastedPlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;

/** Orders as programs raise, plan and book them. */
final class ApiOrderController
{
    public function __construct(
        private readonly ApiSites $sites,
        private readonly WorkShape $shape,
        private readonly SiteDays $days,
    ) {
    }

    /** On an asset or a place by its tag; the rest as on the form. */
    public function raise(RaiseOrderRequest $request, RaiseOrder $raise): JsonResponse
    {
        $site = $this->sites->named(Typed::word($request, 'site'));
        /** @var User $me */
        $me = $request->user();
        abort_unless($me->may(Right::PlanOrders, $site->id), 403);
        $order = $raise($me->actor(), $request->said($site->id, null));

        return new JsonResponse($this->shape->whole($order), 201, ['Location' => "/api/v1/orders/{$order->id}"]);
    }

    /** Lines of the plan as text, as they are pasted on the sheet: labour, parts, steps. */
    public function plan(Request $request, WorkOrder $order, PastedPlan $read, AddToPlan $add): JsonResponse
    {
        $given = $request->validate([
            'lines' => ['required', 'array', 'max:200'],
            'lines.*' => ['required', 'string', 'max:250'],
        ]);
        $currency = $this->days->site($order->site_id)->currency;
        $lines = $read(implode("\n", $given['lines']), $currency);
        $add($request->user()->actor(), $order, ...$lines);

        return new JsonResponse($this->shape->whole($order->refresh()), 201);
    }

    /** Minutes of a person on a day, by what they are paid. */
    public function book(Request $request, WorkOrder $order, BookHours $book, PeopleOf $people): JsonResponse
    {
        $minutes = ['nullable', 'integer', 'between:0,1440'];
        $given = $request->validate([
            'person' => ['nullable', 'string', 'max:60'],
            'worked_on' => ['required', 'date_format:Y-m-d'],
            'normal' => $minutes,
            'time_and_a_half' => $minutes,
            'double' => $minutes,
            'note' => ['nullable', 'string', 'max:250'],
        ]);
        /** @var User $me */
        $me = $request->user();
        $login = $given['person'] ?? $me->login;
        $person = $people->with(Right::WorkOnOwnOrders, $order->site_id)->firstWhere('login', $login) ??
            throw InvalidInput::because(
                'not_here',
                'person',
                "Nobody with the login “{$login}” works on orders at this site.",
                $login,
            );
        abort_unless($person->id === $me->id || $me->may(Right::WorkOnAnyOrder, $order->site_id), 403);
        $book(
            $me->actor(),
            $order,
            $person,
            LocalDate::parse($given['worked_on'], 'worked_on'),
            WorkedMinutes::of(
                (int) ($given['normal'] ?? 0),
                (int) ($given['time_and_a_half'] ?? 0),
                (int) ($given['double'] ?? 0),
            ),
            $given['note'] ?? null,
        );

        return new JsonResponse($this->shape->whole($order->refresh()), 201);
    }
}
