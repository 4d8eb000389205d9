<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Models\Visit;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Drafts\Drafts;
use App\Platform\Sites\CurrentSite;
use App\Register\Queries\Whereabouts;
use App\Stops\Queries\StopsMended;
use App\Work\Models\WorkOrder;
use App\Work\Queries\AlongWith;
use App\Work\Queries\BehindRevisions;
use App\Work\Queries\EstimateFor;
use App\Work\Queries\MetersOfSteps;
use App\Work\Queries\TimeOfOrder;
use App\Work\Queries\WaitingWords;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Costing\Estimate;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/** The sheet of an order: all that its sections show, to whoever looks. */
final readonly class OrderPage
{
    private const LOG = 40;

    public function __construct(
        private CurrentSite $site,
        private Drafts $drafts,
        private PeopleLists $people,
        private PeopleOf $peopleOf,
        private MetersOfSteps $meters,
        private WaitingWords $waiting,
        private AlongWith $along,
        private BehindRevisions $behind,
        private StopsMended $mended,
        private EstimateFor $estimate,
        private WorkRulesOf $rules,
        private TimeOfOrder $time,
        private ScheduleWording $scheduleWords,
        private OrderPlanShown $plan,
        private LogQuery $log,
        private Whereabouts $whereabouts,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(User $me, WorkOrder $order): array
    {
        $site = $this->site->get();
        $this->load($order);
        $teams = $this->people->teams($site->id);
        $order->setRelation('team', $teams->firstWhere('id', $order->team_id));
        $where = $order->worksite();
        $moves = $this->moves($order);
        $plan = ($this->plan)($order, $moves);

        return [
            'order' => $order,
            'draft' => $this->drafts->of($me->id, $order->subject())->toJson(),
            'site' => $site,
            'where' => $where,
            'crumbs' => $this->whereabouts->crumbs($where->path),
            'moves' => $moves,
            'mayWork' => Gate::allows('work', $order) && $order->state->takesBookings(),
            'mayAssign' => Gate::allows('assign', $order) && $order->state->isOpen(),
            'holdReasons' => in_array(OrderMove::Hold, $moves, true) ? $this->waiting->reasons() : [],
            'meters' => $order->state->takesBookings() ? $this->meters->ofOrder($order) : collect(),
            'stepMeters' => $this->meters->ofAll($order),
            'several' => $order->covered->count() > 1,
            'titles' => $order->covered
                ->mapWithKeys(static fn (Visit $visit): array => [$visit->id => $visit->schedule->name])
                ->all(),
            'mends' => $this->mended->byOrder($order->id),
            'behind' => $order->state->isOpen() ? $this->behind->names($order) : '',
            'along' => $this->isMore($order),
            'estimate' => $this->estimated($order),
            'wantsBack' => $order->state === OrderState::Done &&
                $order->asset_id !== null &&
                $this->rules->ofSite($site->id)->handBack->isYes(),
            'stood' => ($this->time)($order->id)->minutes(),
            'scheduleWords' => $this->scheduleWords,
            ...$plan,
            'seesCosts' => Rights::has(Right::SeeCosts),
            'people' => $this->peopleOf->with(Right::WorkOnOwnOrders, $site->id),
            'teams' => $teams,
            'today' => $this->site->today(),
            'log' => $this->log->of($order->subject(), $site->zone(), self::LOG),
        ];
    }

    private function load(WorkOrder $order): void
    {
        $order->loadMissing([
            'asset',
            'location',
            'rest',
            'assignee',
            'revision.method',
            'steps.ticker',
            'steps.asset',
            'bookings.person',
            'bookings.strike',
        ]);
    }

    /** @return list<OrderMove> that whoever looks may make */
    private function moves(WorkOrder $order): array
    {
        return array_values(
            array_filter(
                OrderMove::outOf($order->state),
                static fn (OrderMove $move): bool => Gate::allows('move', [$order, $move->value]),
            ),
        );
    }

    /** Whether other visits could be taken into it. */
    private function isMore(WorkOrder $order): bool
    {
        return $order->state->isOpen() &&
            Gate::allows('assign', $order) &&
            $order->asset !== null &&
            $this->along->any($order->asset, $order->workDay($this->site->today()));
    }

    /** What orders like it took, where nobody planned its hours. */
    private function estimated(WorkOrder $order): ?Estimate
    {
        return $order->planned_minutes > 0
            ? null
            : ($this->estimate)(
                $order->revision?->method_id,
                $order->covered->first()?->level,
                $order->asset?->class_id,
                $order->type->name,
            );
    }
}
