<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Queries\WhereByLabel;
use App\Work\Actions\RaiseOrder;
use App\Work\Http\Requests\RaiseOrderRequest;
use App\Work\Queries\PriorityRules;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Work\OrderType;
use Sundial\Work\Request\HowSoon;

/** An order that somebody writes by hand: on an asset, from a method, or from a title alone. */
final class RaiseController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function create(
        Request $request,
        WhereByLabel $find,
        PriorityRules $rules,
        PeopleLists $people,
        PeopleOf $peopleOf,
        PlanningLists $planning,
        OrderTypes $types,
    ): Page {
        $siteId = $this->site->id();
        $where = $find($siteId, Typed::word($request, 'asset'));
        $asset = $where instanceof Asset ? $where : null;
        $method = $planning->method($request->integer('method'));
        $priority = $rules->table()->proposed(HowSoon::CanWait, $asset?->criticality);

        return Page::in('work', 'Raise an order')->sheet('work.raise', [
            'title' => $method?->name,
            'about' => null,
            'asset' => $where?->tag,
            'types' => $types->offered(),
            'type' => $method?->inForce->order_type ?? OrderType::CORRECTIVE,
            'team' => $asset?->team_id,
            'priority' => $priority,
            'due' => $rules->table()->due($priority, $this->site->today()),
            'teams' => $people->teams($siteId),
            'people' => $peopleOf->with(Right::WorkOnOwnOrders, $siteId),
            'methods' => $planning->methodsInForce(),
            'method' => $method?->id,
        ]);
    }

    public function store(RaiseOrderRequest $request, RaiseOrder $raise, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said($this->site->id(), null);
        $location = $once->run(
            $request->input('once'),
            static fn (): string => "/orders/{$raise($request->user()->actor(), $said)->id}",
        );

        return redirect($location)->with('said', 'The order is raised. Plan the work here, then approve it.');
    }
}
