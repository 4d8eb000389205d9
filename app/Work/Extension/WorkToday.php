<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/** On Today: the orders in my hands, and those of the site that wait for somebody. What comes first follows from what one may do. */
final readonly class WorkToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private Wording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        if (! $person instanceof User || ! Rights::has(Right::SeePlant)) {
            return [];
        }
        $on = (string) $today;
        $site = WorkOrder::query()->where('site_id', $siteId);
        $mine = (clone $site)->where(static fn (Builder $own) => $own->where('assignee_id', $person->id)->orWhere(static fn (Builder $team) => $team->whereNull('assignee_id')->whereIn('team_id', $person->teamIds())));
        $reviews = Rights::has(Right::ReopenOrders);
        $plans = Rights::has(Right::PlanOrders);
        $groups = [];
        if ($person->may(Right::WorkOnOwnOrders)) {
            $groups = [
                $this->group('mine under way', 'Under way', true, 1, (clone $mine)->where('state', 'under way'), '/orders?mine=1&state='.urlencode('under way'), 'Go on with it'),
                $this->group('mine next', 'To start, by the day they are due', true, 2, (clone $mine)->where('state', 'approved')->where('due_on', '<=', (string) $today->plusDays(14)), '/orders?mine=1&state=approved', 'Start', OrderMove::Start),
                $this->group('mine on hold', 'On hold, mine', true, 3, (clone $mine)->where('state', 'on hold'), '/orders?mine=1&state='.urlencode('on hold'), 'Look'),
            ];
        }

        return array_values(array_filter([
            ...$groups,
            $this->group('review', $reviews ? 'Waiting for my review' : 'Waiting for review', $reviews, $reviews ? 0 : 65, (clone $site)->where('state', 'done'), '/orders?state=done', $reviews ? 'Review' : 'Open'),
            $plans ? $this->group('approve', 'To be approved', true, 5, (clone $site)->where('state', 'planned'), '/orders?state=planned', 'Approve', OrderMove::Approve) : null,
            $this->group('late orders', 'Late orders', false, $reviews || $plans ? 20 : 61, (clone $site)->whereIn('state', OpenStates::VALUES)->where('due_on', '<', $on), '/orders?late=1', 'Open'),
            $this->group('due orders', 'Due today', false, 22, (clone $site)->whereIn('state', OpenStates::VALUES)->where('due_on', $on), '/orders', 'Open'),
            $this->group('on hold', 'On hold', false, 24, (clone $site)->where('state', 'on hold'), '/orders?state='.urlencode('on hold'), 'Open'),
            $this->group('in hand', 'In hand', false, 66, (clone $site)->where('state', 'under way'), '/orders?state='.urlencode('under way'), 'Open'),
        ]));
    }

    /** @param  Builder<WorkOrder>  $orders */
    private function group(string $key, string $title, bool $mine, int $position, Builder $orders, string $all, string $verb, ?OrderMove $move = null): ?Group
    {
        $rows = $orders->with(['asset:id,tag,name', 'assignee:id,name', 'team:id,name'])->orderByRaw('due_on IS NULL')->orderBy('due_on')->orderBy('id')->limit(self::LINES + 1)->get();
        if ($rows->isEmpty()) {
            return null;
        }
        $count = $rows->count() <= self::LINES ? $rows->count() : min(1000, $orders->toBase()->limit(1000)->count());
        $lines = $rows->take(self::LINES)->map(fn (WorkOrder $order): Line => $this->line($order, $verb, $move))->values()->all();

        return new Group($key, $title, $mine, $position, $lines, $count, $all);
    }

    private function line(WorkOrder $order, string $verb, ?OrderMove $move): Line
    {
        $due = $order->due_on === null ? null : LocalDate::parse($order->due_on);
        $days = $due === null ? 0 : $this->words->today()->daysUntil($due);
        $late = $order->state->isOpen() && $due !== null && $days < 0;
        $words = match (true) {
            $order->state === OrderState::Done => 'done '.$this->words->instant($order->finished_at),
            $order->state === OrderState::OnHold => "on hold, {$order->hold_reason}".($late ? ' · '.-$days.' d late' : ''),
            $due === null => 'no due day',
            $late => -$days.' d late',
            default => 'due '.$this->words->relative($due),
        };
        $may = $move !== null && Gate::allows('move', [$order, $move->value]);

        return new Line(['state', ['state' => $order->state, 'glyph' => true]], $order->title, $order->label(), "{$words} · {$order->asset->name} · ".($order->assignee->name ?? $order->team->name ?? 'nobody yet'), $late ? 'late' : '', "/orders/{$order->id}",
            ['label' => $move === null || $may ? $verb : 'Open', 'href' => "/orders/{$order->id}".($may ? "/{$move->value}" : ($verb === 'Review' ? '#close' : '')), 'method' => $may ? 'post' : 'get']);
    }
}
