<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Platform\Audit\LogQuery;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\Whereabouts;
use App\Work\Actions\Requests\AcceptRequest;
use App\Work\Actions\Requests\EndRequest;
use App\Work\Actions\Requests\LiftRestriction;
use App\Work\Actions\Requests\MergeRequest;
use App\Work\Actions\Requests\SayMayRun;
use App\Work\Actions\Requests\TalkAboutRequest;
use App\Work\Http\Requests\RaiseOrderRequest;
use App\Work\Models\Restriction;
use App\Work\Models\WorkRequest;
use App\Work\Queries\PriorityRules;
use App\Work\Queries\RequestFacts;
use App\Work\Queries\RequestIndex;
use App\Work\Queries\SimilarRequests;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\MayRun;
use Sundial\Work\Request\RequestMove;

/** Requests as they are reviewed. */
final class RequestController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly RequestIndex $index,
        private readonly RequestFacts $facts,
    ) {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('work', $title)->index('work.requests.index', function () use ($request, $current): array {
            $state = Typed::word($request, 'state') ?: RequestIndex::WAITING;
            $q = trim(Typed::word($request, 'q'));
            $page = max(1, $request->integer('page', 1));
            $found = ($this->index)($this->site->id(), $request->user(), $state, $q, $page);

            return [
                'requests' => $found->take(RequestIndex::PAGE),
                'more' => $found->count() > RequestIndex::PAGE,
                'count' => $this->index->count($this->site->id(), $request->user(), $state),
                'state' => $state,
                'q' => $q,
                'page' => $page,
                'current' => $current,
            ];
        });
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Requests')->sheet('work.requests.overview', [
            'waiting' => $this->index->count($this->site->id(), $request->user(), RequestIndex::WAITING),
        ]);
    }

    public function show(
        Request $http,
        WorkRequest $request,
        SimilarRequests $similar,
        PriorityRules $rules,
        DocumentsOf $documents,
        PeopleLists $people,
        PeopleOf $peopleOf,
        PlanningLists $planning,
        OrderTypes $types,
    ): Page {
        $site = $this->site->enter($request->site_id);
        $request->load(['asset', 'location', 'order', 'fromOrder', 'into', 'words', 'voices']);
        $where = $request->asset ?? $request->location ?? abort(404);
        $today = $this->site->today();
        $priority = $rules->table()->proposed($request->how_soon, $request->asset?->criticality);
        $accepts = Gate::allows('accept', $request) && $request->state->isOpen();

        return $this->page($http, "{$request->label()} {$request->title()}", $request->id)
            ->sheet('work.requests.sheet', [
                'request' => $request,
                'site' => $site,
                'where' => $where,
                'crumbs' => (new Whereabouts())->crumbs($where->path),
                'similar' => $similar($where, $request->id),
                'mendedLast' => $this->facts->mendedLast($request),
                'restrictions' => $this->facts->restrictions($request->asset),
                'photos' => $documents->subject($request->subject()),
                'reviews' => Gate::allows('review', $request) && $request->state->isOpen(),
                'accepts' => $accepts,
                'priority' => $priority,
                'due' => $rules->table()->due($priority, $today),
                'teams' => $accepts ? $people->teams($request->site_id) : collect(),
                'people' => $accepts ? $peopleOf->with(Right::WorkOnOwnOrders, $request->site_id) : collect(),
                'types' => $accepts ? $types->offered() : [],
                'methods' => $accepts ? $planning->methodsInForce() : collect(),
                'log' => (new LogQuery())->of($request->subject(), $site->zone()),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($request->about(), $where->name, $today));
    }

    public function accept(
        RaiseOrderRequest $http,
        WorkRequest $request,
        AcceptRequest $accept,
        FirstAnswer $once,
    ): RedirectResponse {
        $said = $http->said($request->site_id, $request->asset ?? $request->location);

        return $once->redirect(static fn (): array => [
            "/orders/{$accept($http->user()->actor(), $request, $said)->id}",
            "{$request->label()} is accepted. Plan the work here, then approve it.",
        ]);
    }

    public function merge(Request $http, WorkRequest $request, MergeRequest $merge): RedirectResponse
    {
        $into = $this->facts->ofSite($request->site_id, $http->integer('into_id')) ?? throw InvalidInput::because(
            'no_request',
            'into_id',
            'Choose the request that tells of the same.',
        );
        $merge($http->user()->actor(), $request, $into);

        return redirect("/requests/{$into->id}")->with('said', "{$request->label()} is merged into this one.");
    }

    public function decline(Request $http, WorkRequest $request, EndRequest $end): RedirectResponse
    {
        $end($http->user()->actor(), $request, RequestMove::Decline, Typed::word($http, 'reason'));

        return redirect("/requests/{$request->id}")->with(
            'said',
            "{$request->label()} is declined; its reporter reads why.",
        );
    }

    public function ask(Request $http, WorkRequest $request, TalkAboutRequest $talk): RedirectResponse
    {
        $talk($http->user()->actor(), $request, RequestMove::AskBack, Typed::word($http, 'words'));

        return redirect("/requests/{$request->id}")->with(
            'said',
            "{$request->reporter} is asked on the page that follows it.",
        );
    }

    public function mayRun(Request $http, WorkRequest $request, SayMayRun $say): RedirectResponse
    {
        $given = $http->validate(
            [
                'may_run' => ['required', Rule::enum(MayRun::class)],
                'restriction' => ['nullable', 'string', 'max:250'],
                'until_on' => ['nullable', 'date_format:Y-m-d'],
            ],
            ['may_run.required' => 'Say whether it may run meanwhile.'],
            ['until_on' => 'day'],
        );
        $say(
            $http->user()->actor(),
            $request,
            MayRun::from($given['may_run']),
            (string) ($given['restriction'] ?? ''),
            isset($given['until_on']) ? LocalDate::parse($given['until_on'], 'until_on') : null,
        );

        return redirect("/requests/{$request->id}")->with('said', 'Noted, and seen wherever the machine is.');
    }

    public function lift(Request $http, Restriction $restriction, LiftRestriction $lift): RedirectResponse
    {
        $lift($http->user()->actor(), $restriction);

        return redirect("/assets/{$restriction->asset_id}")->with('said', 'The restriction is lifted.');
    }
}
