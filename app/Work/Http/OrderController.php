<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Models\Visit;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Drafts\Drafts;
use App\Platform\Files\Table;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use App\Register\Queries\SubtreePath;
use App\Register\Queries\Whereabouts;
use App\Work\Actions\AssignWorkOrder;
use App\Work\Actions\MethodFromOrder;
use App\Work\Actions\RedateWorkOrder;
use App\Work\Actions\RepeatOrder;
use App\Work\Actions\TakeNewRevision;
use App\Work\Http\Requests\AssignRequest;
use App\Work\Models\WorkOrder;
use App\Work\Pages\OrderPlanShown;
use App\Work\Queries\AlongWith;
use App\Work\Queries\BehindRevisions;
use App\Work\Queries\EstimateFor;
use App\Work\Queries\MetersOfSteps;
use App\Work\Queries\OrderIndex;
use App\Work\Queries\TimeOfOrder;
use App\Work\Queries\WaitingWords;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class OrderController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly PeopleLists $people,
        private readonly PeopleOf $peopleOf,
        private readonly MetersOfSteps $meters,
        private readonly WaitingWords $waiting,
    ) {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('work', $title)->index('work.index', function () use ($request, $current): array {
            [$filter, $given] = $this->filter($request);
            $page = max(1, (int) $request->query('page', '1'));

            return (new OrderIndex())($this->site->id(), $request->user(), $given, $page) + [
                'most' => OrderIndex::MOST,
                'filter' => $filter,
                'given' => $given,
                'page' => $page,
                'current' => $current,
                'today' => $this->site->today(),
            ];
        });
    }

    /**
     * @return array{array<string, string>, array{q: string|null, state: string, mine: bool, late: string|null,
     *     person: int|null, batch: int|null, asset: int|null, place: int|null}} as it stands in the
     *     address, and as it is asked
     */
    private function filter(Request $request): array
    {
        $filter = array_filter(
            Typed::words($request, 'q', 'state', 'mine', 'late', 'person', 'batch', 'asset', 'place'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );

        return [
            $filter,
            [
                'q' => $filter['q'] ?? null,
                'state' => $filter['state'] ?? (isset($filter['batch']) ? 'all' : 'open'),
                'mine' => isset($filter['mine']),
                'late' => isset($filter['late']) ? (string) $this->site->today() : null,
                'person' => isset($filter['person']) ? (int) $filter['person'] : null,
                'batch' => isset($filter['batch']) ? (int) $filter['batch'] : null,
                'asset' => isset($filter['asset']) ? (int) $filter['asset'] : null,
                'place' => isset($filter['place']) ? (int) $filter['place'] : null,
            ],
        ];
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Work')->sheet('work.overview', [
            'counts' => (new OrderIndex())->counts($this->site->id()),
            'most' => OrderIndex::MOST,
        ]);
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $orders = (new OrderIndex())->all($this->site->id(), $request->user(), $this->filter($request)[1]);
        $local = static fn (?string $at): ?string => $at === null
            ? null
            : app(Wording::class)->local($at)->format('Y-m-d H:i');

        return Table::stream(
            $format,
            'work-orders',
            [
                'number',
                'title',
                'type',
                'priority',
                'state',
                'asset',
                'asset name',
                'due',
                'planned for',
                'planned minutes',
                'team',
                'person',
                'started',
                'finished',
                'closed',
            ],
            $orders->map(
                static fn (WorkOrder $order): array => [
                    $order->label(),
                    $order->title,
                    $order->type->name,
                    is_string($order->priority->value)
                        ? $order->priority->value
                        : strtolower($order->priority->name),
                    $order->state->value,
                    $order->worksite()->tag,
                    $order->worksite()->name,
                    $order->due_on,
                    $order->planned_on,
                    $order->planned_minutes,
                    $order->team?->name,
                    $order->assignee?->name,
                    $local($order->started_at),
                    $local($order->finished_at),
                    $local($order->closed_at),
                ],
            ),
        );
    }

    public function show(Request $request, WorkOrder $order, Drafts $drafts): Page
    {
        $site = $this->site->enter($order->site_id);
        $order->load([
            'asset',
            'location',
            'rest',
            'assignee',
            'revision.method',
            'steps.ticker',
            'steps.asset',
            'precautions',
            'labour' => static fn ($lines) => $lines->withAggregate('trade', 'name')->withAggregate('supplier', 'name'),
            'bookings.person',
            'bookings.strike',
            'covered.schedule.gauge',
        ]);
        // Only a round walks assets of its own.
        $order->covered->contains(static fn (Visit $visit): bool => $visit->schedule->round_id !== null)
            ? $order->load('walked')
            : $order->setRelation('walked', new EloquentCollection());
        $teams = $this->people->teams($site->id);
        $order->setRelation('team', $teams->firstWhere('id', $order->team_id));
        $today = $this->site->today();
        $where = $order->worksite();
        app(SubtreePath::class)->know($order->about(), $where->path);
        $moves = array_values(
            array_filter(
                OrderMove::outOf($order->state),
                static fn (OrderMove $move): bool => Gate::allows('move', [$order, $move->value]),
            ),
        );

        return $this->page($request, "{$order->label()} {$order->title}", $order->id)
            ->sheet('work.sheet', [
                'order' => $order,
                'draft' => $drafts->of((int) $request->user()?->getAuthIdentifier(), $order->subject())->toJson(),
                'site' => $site,
                'where' => $where,
                'crumbs' => (new Whereabouts())->crumbs($where->path),
                'moves' => $moves,
                'mayWork' => Gate::allows('work', $order) && $order->state->takesBookings(),
                'mayAssign' => Gate::allows('assign', $order) && $order->state->isOpen(),
                'holdReasons' => in_array(OrderMove::Hold, $moves, true) ? $this->waiting->reasons() : [],
                'meters' => $order->state->takesBookings()
                    ? $this->meters->ofOrder($order)
                    : collect(),
                'stepMeters' => $this->meters->ofAll($order),
                'several' => $order->covered->count() > 1,
                'titles' => $order->covered
                    ->mapWithKeys(static fn (Visit $visit): array => [$visit->id => $visit->schedule->name])
                    ->all(),
                'behind' => $order->state->isOpen() ? app(BehindRevisions::class)->names($order) : '',
                'along' => $order->state->isOpen() &&
                    Gate::allows('assign', $order) &&
                    $order->asset !== null &&
                    app(AlongWith::class)->any($order->asset, $order->workDay($today)),
                'estimate' => $order->planned_minutes > 0
                        ? null
                        : app(EstimateFor::class)(
                            $order->revision?->method_id,
                            $order->covered->first()?->level,
                            $order->asset?->class_id,
                            $order->type->name,
                        ),
                'wantsBack' => $order->state === OrderState::Done &&
                    $order->asset_id !== null &&
                    app(WorkRulesOf::class)->ofSite($site->id)->handBack->isYes(),
                'stood' => app(TimeOfOrder::class)($order->id)->minutes(),
                'scheduleWords' => app(ScheduleWording::class),
                ...app(OrderPlanShown::class)($order, $moves),
                'seesCosts' => Rights::has(Right::SeeCosts),
                'people' => $this->people($site->id),
                'teams' => $teams,
                'today' => $today,
                'log' => (new LogQuery())->of($order->subject(), $site->zone(), 40),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($order->about(), $where->name, $today));
    }

    /** @return Collection<int, User> */
    private function people(int $siteId): Collection
    {
        return $this->peopleOf->with(Right::WorkOnOwnOrders, $siteId);
    }

    public function assign(AssignRequest $request, WorkOrder $order, AssignWorkOrder $assign): RedirectResponse
    {
        $assign($request->user()->actor(), $order, $request->said(), $request->integer('version'));

        return redirect("/orders/{$order->id}")->with('said', "{$order->label()} is assigned.");
    }

    /** Moves it up to the revisions in force of its methods. */
    public function moveUp(
        Request $request,
        WorkOrder $order,
        TakeNewRevision $take,
        Wording $words,
    ): RedirectResponse {
        $kept = $take($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}#steps")->with(
            'said',
            "{$order->label()} follows the revision in force now. {$words->count($kept, 'step')} stayed the same ".
            'and kept what was ticked.',
        );
    }

    public function makeMethod(Request $request, WorkOrder $order, MethodFromOrder $make): RedirectResponse
    {
        $method = $make($request->user()->actor(), $order);

        return redirect("/methods/{$method->id}/edit")->with(
            'said',
            "{$method->name} is a draft made of {$order->label()}. Go over it, then put it in force.",
        );
    }

    /** Leads to a new schedule of the same work on the same asset. */
    public function repeat(Request $request, WorkOrder $order, RepeatOrder $repeat): RedirectResponse
    {
        $method = $repeat($request->user()->actor(), $order);

        return redirect("/assets/{$order->asset_id}/schedules/new?method={$method->id}")->with(
            'said',
            "Say how often {$method->name} comes back. Nothing is scheduled until you save.",
        );
    }

    public function redate(
        Request $request,
        WorkOrder $order,
        RedateWorkOrder $redate,
        Wording $words,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'planned_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
                'version' => ['nullable', 'integer'],
            ],
            [],
            ['planned_on' => 'planned day'],
        );
        $old = $redate(
            $request->user()->actor(),
            $order,
            LocalDate::parse($given['planned_on'], 'planned_on'),
            isset($given['version']) ? (int) $given['version'] : null,
        );
        $undo =
            $old === null
                ? null
                : [
                    'href' => "/orders/{$order->id}/planned-day",
                    'method' => 'put',
                    'fields' => ['planned_on' => $old],
                ];

        return redirect()
            ->back(fallback: "/orders/{$order->id}")
            ->with(
                'said',
                "{$order->label()} is planned for {$words->weekday(LocalDate::parse($given['planned_on']))} now.",
            )
            ->with('undo', $undo);
    }
}
