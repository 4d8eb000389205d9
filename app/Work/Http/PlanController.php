<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Queries\PlanningLists;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Plan\AgreeService;
use App\Work\Actions\Plan\PlanFromMethod;
use App\Work\Actions\Plan\PlanFromOrder;
use App\Work\Actions\Plan\SetBeforeStart;
use App\Work\Actions\Plan\TakeOffPlan;
use App\Work\Http\Requests\PlanLineRequest;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PastedPlan;
use App\Work\Queries\OrderByLabel;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\LineKind;

/** The plan of an order: its lines, put in one by one, pasted, or taken from a method. */
final class PlanController
{
    public function __construct(private readonly SiteDays $days, private readonly FirstAnswer $once)
    {
    }

    public function add(PlanLineRequest $request, WorkOrder $order, string $line, AddToPlan $add): RedirectResponse
    {
        $said = $request->line($this->days->site($order->site_id));

        return $this->once->redirect(function () use ($request, $order, $line, $add, $said): array {
            $add($request->user()->actor(), $order, $said);

            return [self::section($order, $line), null];
        });
    }

    public function take(Request $request, WorkOrder $order, string $line, int $id, TakeOffPlan $take): RedirectResponse
    {
        $take($request->user()->actor(), $order, LineKind::from($line), $id);

        return redirect(self::section($order, $line));
    }

    public function paste(Request $request, WorkOrder $order, PastedPlan $read, AddToPlan $add): RedirectResponse
    {
        $given = $request->validate(['lines' => ['required', 'string', 'max:20000']], [
            'lines.required' => 'Paste at least one line.',
        ]);
        $lines = $read($given['lines'], $this->days->site($order->site_id)->currency);

        return $this->once->redirect(static function () use ($request, $order, $add, $lines): array {
            $add($request->user()->actor(), $order, ...$lines);

            return ["/orders/{$order->id}#steps", count($lines).' lines are in the plan.'];
        });
    }

    public function method(
        Request $request,
        WorkOrder $order,
        PlanFromMethod $plan,
        PlanningLists $planning,
    ): RedirectResponse {
        $method = $planning->method($request->integer('method_id')) ?? throw InvalidInput::because(
            'no_method',
            'method_id',
            'Choose a method.',
        );

        return $this->once->redirect(static function () use ($request, $order, $plan, $method): array {
            $plan($request->user()->actor(), $order, $method);

            return ["/orders/{$order->id}#steps", "{$method->name} is in the plan."];
        });
    }

    /** What was planned in a former order. */
    public function former(
        Request $request,
        WorkOrder $order,
        PlanFromOrder $plan,
        OrderByLabel $find,
    ): RedirectResponse {
        $typed = Typed::word($request, 'former');
        $former = $find($order->site_id, $typed) ?? throw InvalidInput::because(
            'no_order',
            'former',
            $typed === '' ? 'Give the number of the former order.' : "This site has no order “{$typed}”.",
        );

        return $this->once->redirect(static function () use ($request, $order, $plan, $former): array {
            $plan($request->user()->actor(), $order, $former);

            return ["/orders/{$order->id}#steps", "The plan of {$former->label()} is in the plan."];
        });
    }

    public function agree(Request $request, WorkOrder $order, int $id, AgreeService $agree): RedirectResponse
    {
        $line = $agree($request->user()->actor(), $order, $id, $request->boolean('agreed'));

        return redirect(self::section($order, 'service'))->with(
            'said',
            $line->agreed_on === null ? "{$line->what} is not agreed any more." : "{$line->what} is agreed.",
        );
    }

    /** Tools and precautions, a line each. */
    public function beforeStart(Request $request, WorkOrder $order, SetBeforeStart $set): RedirectResponse
    {
        $given = $request->validate(
            [
                'tools' => ['nullable', 'string', 'max:2000'],
                'precautions' => ['nullable', 'string', 'max:5000'],
                'permits' => ['nullable', 'array', 'max:20'],
                'permits.*' => ['string', 'max:40'],
            ],
        );
        $set(
            $request->user()->actor(),
            $order,
            $given['tools'] ?? '',
            $given['precautions'] ?? '',
            array_values($given['permits'] ?? []),
        );

        return redirect("/orders/{$order->id}#precautions")->with('said', 'Tools and precautions are in the plan.');
    }

    /** Where lines of a kind stand on the sheet of an order. */
    private static function section(WorkOrder $order, string $line): string
    {
        $section = ['step' => 'steps', 'labour' => 'people', 'part' => 'parts', 'service' => 'services'][$line];

        return "/orders/{$order->id}#{$section}";
    }
}
