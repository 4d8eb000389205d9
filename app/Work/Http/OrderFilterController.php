<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleLists;
use App\Planning\Queries\OrderTypes;
use App\Platform\Frame\Page;
use App\Platform\Lists\KeepFilter;
use App\Platform\Lists\KeptOfTable;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use App\Register\Queries\RegisterLists;
use App\Work\Queries\OrderFilters;
use App\Work\Queries\WaitingWords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Work\OrderState;

/** What the index of orders is narrowed by, and what somebody keeps of that under a name. */
final class OrderFilterController
{
    /** What is kept under a name. */
    private const KEPT = ['q', 'state', 'mine', 'late', ...OrderFilters::KEYS];

    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function show(
        Request $request,
        OrderTypes $types,
        PeopleLists $people,
        RegisterLists $register,
        WaitingWords $words,
        KeptOfTable $kept,
    ): Page {
        $site = $this->site->id();

        return Page::in('work', 'Narrow the list of orders')->sheet('work.narrow', [
            'asked' => Typed::words($request, ...self::KEPT),
            'query' => http_build_query(Typed::words($request, ...self::KEPT)),
            'states' => OrderState::cases(),
            'types' => $types->offered(),
            'teams' => $people->teams($site),
            'classes' => $register->classes(),
            'places' => $register->locations($site),
            'stages' => $words->stages(),
            'reasons' => $words->reasons(),
            'kept' => $kept->filters($site, (int) $request->user()?->getAuthIdentifier(), 'orders'),
            'me' => (int) $request->user()?->getAuthIdentifier(),
        ])->withoutHorizon();
    }

    public function keep(Request $request, KeepFilter $keep): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:60'], 'back' => ['nullable', 'string', 'max:4000']],
            ['name.required' => 'Give the filter a name.'],
        );
        parse_str((string) ($given['back'] ?? ''), $query);
        $query = array_filter(array_intersect_key($query, array_flip(self::KEPT)), is_string(...));
        $keep(
            $request->user()->id,
            $this->site->id(),
            'orders',
            $given['name'],
            $query,
            $request->boolean('shared'),
        );

        return redirect('/orders/narrow?'.http_build_query($query))->with(
            'said',
            "“{$given['name']}” is kept".($request->boolean('shared') ? ' for everybody at this site.' : '.'),
        );
    }

    public function forget(Request $request, int $filter, KeepFilter $keep): RedirectResponse
    {
        $keep($request->user()->id, $this->site->id(), 'orders', null, [], false, $filter);

        return redirect('/orders/narrow')->with('said', 'The filter is forgotten.');
    }
}
