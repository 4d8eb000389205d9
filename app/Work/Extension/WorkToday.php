<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Counts;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as BaseBuilder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/**
 * On Today: the orders in my hands, and those of the site that wait for somebody. What comes first follows from what
 * one may do.
 */
final readonly class WorkToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private Wording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        if (! ($person instanceof User) || ! Rights::has(Right::SeePlant)) {
            return [];
        }
        $wanted = array_filter($this->wanted($person, $siteId, $today));
        $rows = $this->rows(array_map(static fn (array $group): Builder => $group['orders'], $wanted));
        $more = Counts::of(
            array_map(
                static fn (array $group): BaseBuilder => $group['orders']->toBase(),
                array_filter(
                    $wanted,
                    static fn (string $key): bool => count($rows[$key] ?? []) > self::LINES,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
        $groups = [];
        foreach ($wanted as $key => $group) {
            $found = $rows[$key] ?? [];
            if ($found !== []) {
                $lines = array_map(
                    fn (stdClass $order): Line => $this->line($order, $today, $group['verb'], $group['move'] ?? null),
                    array_slice($found, 0, self::LINES),
                );
                $groups[] = new Group(
                    $key,
                    $group['title'],
                    $group['mine'],
                    $group['position'],
                    $lines,
                    $more[$key] ?? count($found),
                    $group['all'],
                    $group['one'] ?? null,
                );
            }
        }

        return $groups;
    }

    /**
     * @return array<string, array{title: string, one?: string, mine: bool, position: int, orders: Builder<WorkOrder>,
     *     all: string, verb: string, move?: OrderMove}|null>
     */
    private function wanted(User $person, int $siteId, LocalDate $today): array
    {
        $on = (string) $today;
        $site = static fn (): Builder => WorkOrder::query()->where('site_id', $siteId);
        $mine = static fn (): Builder => $site()->where(
            static fn (Builder $own) => $own
                ->where('assignee_id', $person->id)
                ->orWhere(
                    static fn (Builder $team) => $team
                        ->whereNull('assignee_id')
                        ->whereIn('team_id', $person->teamIds()),
                ),
        );
        $reviews = Rights::has(Right::ReopenOrders);
        $plans = Rights::has(Right::PlanOrders);
        $works = $person->may(Right::WorkOnOwnOrders);

        return [
            'review' => [
                'title' => $reviews ? 'Waiting for my review' : 'Waiting for review',
                'mine' => $reviews,
                'position' => $reviews ? 0 : 65,
                'orders' => $site()->where('state', 'done'),
                'all' => $reviews ? '/orders/review' : '/orders?state=done',
                'verb' => $reviews ? 'Review' : 'Open',
            ],
            'emergencies' => $reviews
                ? [
                    'title' => 'Emergencies that nobody confirmed',
                    'one' => 'emergency that nobody confirmed',
                    'mine' => true,
                    'position' => -1,
                    'orders' => $site()->where(
                        'type',
                        'emergency',
                    )->whereNotNull('raised_by')->whereNull('confirmed_at'),
                    'all' => '/orders?state=all',
                    'verb' => 'Look',
                ]
                : null,
            'mine under way' => $works
                ? [
                    'title' => 'Under way',
                    'mine' => true,
                    'position' => 1,
                    'orders' => $mine()->where('state', 'under way'),
                    'all' => '/orders?mine=1&state='.urlencode('under way'),
                    'verb' => 'Go on with it',
                ]
                : null,
            'mine next' => $works
                ? [
                    'title' => 'To start, by the day they are due',
                    'mine' => true,
                    'position' => 2,
                    'orders' => $mine()
                        ->where('state', 'approved')
                        ->where('due_on', '<=', (string) $today->plusDays(14)),
                    'all' => '/orders?mine=1&state=approved',
                    'verb' => 'Start',
                    'move' => OrderMove::Start,
                ]
                : null,
            'mine on hold' => $works
                ? [
                    'title' => 'On hold, mine',
                    'mine' => true,
                    'position' => 3,
                    'orders' => $mine()->where('state', 'on hold'),
                    'all' => '/orders?mine=1&state='.urlencode('on hold'),
                    'verb' => 'Look',
                ]
                : null,
            'look again' => $plans
                ? [
                    'title' => 'To look at again: on hold',
                    'mine' => true,
                    'position' => 4,
                    'orders' => $site()->where('look_again_on', '<=', $on),
                    'all' => '/orders?state='.urlencode('on hold'),
                    'verb' => 'Look',
                ]
                : null,
            'approve' => $plans
                ? [
                    'title' => 'To be approved',
                    'mine' => true,
                    'position' => 5,
                    'orders' => $site()->where('state', 'planned'),
                    'all' => '/orders?state=planned',
                    'verb' => 'Approve',
                    'move' => OrderMove::Approve,
                ]
                : null,
            'grown' => $plans
                ? [
                    'title' => 'Grown since the approval',
                    'mine' => true,
                    'position' => 6,
                    'orders' => $site()->whereNotNull('open_due_on')->whereNotNull('grown'),
                    'all' => '/orders',
                    'verb' => 'Approve again',
                    'move' => OrderMove::Approve,
                ]
                : null,
            'late orders' => [
                'title' => 'Late orders',
                'one' => 'late order',
                'mine' => false,
                'position' => $reviews || $plans ? 20 : 61,
                'orders' => $site()->where('open_due_on', '<', $on)->where('state', '<>', 'on hold'),
                'all' => '/orders?late=1',
                'verb' => 'Open',
            ],
            'due orders' => [
                'title' => 'Due today',
                'mine' => false,
                'position' => 22,
                'orders' => $site()->where('open_due_on', $on)->where('state', '<>', 'on hold'),
                'all' => '/orders',
                'verb' => 'Open',
            ],
            'on hold' => [
                'title' => 'On hold',
                'mine' => false,
                'position' => 24,
                'orders' => $site()->where('state', 'on hold'),
                'all' => '/orders?state='.urlencode('on hold'),
                'verb' => 'Open',
            ],
            'in hand' => [
                'title' => 'In hand',
                'mine' => false,
                'position' => 66,
                'orders' => $site()->where('state', 'under way'),
                'all' => '/orders?state='.urlencode('under way'),
                'verb' => 'Open',
            ],
        ];
    }

    /**
     * The first orders of every group, in one statement.
     *
     * @param  array<string, Builder<WorkOrder>>  $queries
     * @return array<string, list<stdClass>>
     */
    private function rows(array $queries): array
    {
        $union = null;
        foreach ($queries as $key => $query) {
            $one = (clone $query)
                ->toBase()
                ->select('id')
                ->selectRaw('? as today_group', [$key]);
            // The order of an index where there is one, so that the first few are read and not all.
            $one = in_array($key, ['review', 'emergencies'], true)
                ? $one->orderBy('since_at')->orderBy('id')
                : $one->orderBy('open_due_on')->orderBy('number');
            $one->limit(self::LINES + 1);
            $union = $union === null ? $one : $union->unionAll($one);
        }
        $groups = [];
        foreach ($union?->get() ?? [] as $row) {
            $groups[(string) $row->today_group][] = (int) $row->id;
        }
        // Plain rows: a page full of models spends most of its time on their attributes.
        $orders = DB::table('work_orders as o')
            ->leftJoin('assets as a', 'a.id', '=', 'o.asset_id')
            ->leftJoin('locations as l', 'l.id', '=', 'o.location_id')
            ->leftJoin('users as p', 'p.id', '=', 'o.assignee_id')
            ->leftJoin('teams as t', 't.id', '=', 'o.team_id')
            ->whereIn('o.id', array_unique(array_merge(...array_values($groups))))
            ->get([
                'o.*',
                DB::raw('COALESCE(a.name, l.name) as worksite'),
                DB::raw("COALESCE(p.name, t.name, 'nobody yet') as hands"),
            ])
            ->keyBy('id')
            ->all();

        return array_map(
            static fn (array $ids): array => array_map(static fn (int $id): stdClass => $orders[$id], $ids),
            $groups,
        );
    }

    private function line(stdClass $order, LocalDate $today, string $verb, ?OrderMove $move): Line
    {
        $state = OrderState::from($order->state);
        $due = $order->due_on === null ? null : LocalDate::parse($order->due_on);
        $days = $due === null ? 0 : $today->daysUntil($due);
        $late = $state->isOpen() && $due !== null && $days < 0;
        $words = match (true) {
            $state === OrderState::Done => 'done '.$this->words->instant($order->finished_at),
            $state === OrderState::OnHold => "on hold, {$order->hold_reason}".
                ($late ? ' · '.-$days.' d late' : ''),
            $due === null => 'no due day',
            $late => -$days.' d late',
            default => 'due '.$this->words->relative($due),
        };
        $may =
            $move !== null &&
            Gate::allows('move', [(new WorkOrder())->newFromBuilder((array) $order), $move->value]);

        return new Line(
            Post::svg($state->value, true),
            $order->title,
            WorkOrder::labelOf((int) $order->number),
            "{$words} · {$order->worksite} · {$order->hands}",
            $late ? 'late' : '',
            "/orders/{$order->id}",
            [
                'label' => $move === null || $may ? $verb : 'Open',
                'href' => "/orders/{$order->id}".($may ? "/{$move->value}" : ($verb === 'Review' ? '#close' : '')),
                'method' => $may ? 'post' : 'get',
                'version' => $order->version,
            ],
        );
    }
}
