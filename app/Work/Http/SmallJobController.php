<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Platform\Access\Rights;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Standing\BookSmallJob;
use App\Work\Actions\Standing\RetireStandingOrder;
use App\Work\Actions\Standing\SaveStandingOrder;
use App\Work\Http\Requests\SmallJobRequest;
use App\Work\Models\StandingOrder;
use App\Work\Queries\StandingOrders;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;

/** Small jobs, booked on the standing order of the month; and which standing orders there are. */
final class SmallJobController
{
    public function __construct(private readonly CurrentSite $site, private readonly StandingOrders $standing)
    {
    }

    public function create(Request $request, PeopleOf $people): Page
    {
        $me = $request->user();

        return Page::in('work', 'Small job')->sheet('work.small-job.form', [
            'standing' => $this->standing->openTo($this->site->id(), $me),
            'people' => Rights::has(Right::WorkOnAnyOrder)
                ? $people->with(Right::WorkOnOwnOrders, $this->site->id())
                : collect(),
            'me' => $me->id,
            'tag' => Typed::word($request, 'asset'),
            'today' => (string) $this->site->today(),
            'last' => $this->standing->lastOf($this->site->id(), $me->id),
        ])->withoutHorizon();
    }

    public function store(SmallJobRequest $request, BookSmallJob $book, FirstAnswer $once): RedirectResponse
    {
        $site = $this->site->get();
        $me = $request->user();

        return $once->redirect(static function () use ($request, $book, $site, $me): array {
            $job = $request->job($site, $me);
            $order = $book($me, $request->standing($site), $job);

            return ['/small-job', "Booked on {$job->asset->tag}, {$order->label()}. Ready for the next."];
        });
    }

    public function setup(OrderTypes $types, PeopleLists $people): Page
    {
        return Page::in('setup', 'Standing orders')
            ->index('frame.setup-index', ['current' => 'standing-orders'])
            ->sheet('work.setup.standing', [
                'orders' => $this->standing->ofSite($this->site->id()),
                'types' => $types->offered(),
                'teams' => $people->teams($this->site->id()),
            ]);
    }

    public function add(Request $request, SaveStandingOrder $save, OrderTypes $types): RedirectResponse
    {
        $given = $request->validate([
            'title' => ['required', 'string', 'max:120'],
            'type' => ['required', 'string', 'max:40'],
            'team_id' => ['nullable', OnSite::record('teams', $this->site->id(), 'team')],
        ]);
        $save(
            $request->user()->actor(),
            $this->site->id(),
            trim($given['title']),
            isset($given['team_id']) ? (int) $given['team_id'] : null,
            $types->named($given['type']),
        );

        return redirect('/setup/standing-orders')->with('said', 'It is offered from now on.');
    }

    public function retire(Request $request, StandingOrder $standing, RetireStandingOrder $retire): RedirectResponse
    {
        abort_unless($standing->site_id === $this->site->id(), 404);
        $retire($request->user()->actor(), $standing);

        return redirect('/setup/standing-orders')->with('said', "“{$standing->title}” is offered no more.");
    }
}
