<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Register\Queries\VisibleLines;
use App\Work\Models\WorkOrder;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderState;

/** On Today, for operators: machines of their line on which work is done, to be taken back where the site asks it. */
final readonly class HandBackToday implements TodayCard
{
    private const LINES = 8;

    public function __construct(
        private WorkRulesOf $rules,
        private VisibleLines $reach,
        private Wording $words,
    ) {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        if (
            ! ($person instanceof User) ||
            Rights::has(Right::SeePlant) ||
            ! $this->rules->ofSite($siteId)->handBack->isYes()
        ) {
            return [];
        }
        $orders = DB::table('work_orders as o')
            ->join('assets as a', 'a.id', '=', 'o.asset_id')
            ->where('o.site_id', $siteId)
            ->where('o.state', OrderState::Done->value)
            ->whereNull('o.handed_back_at')
            ->orderBy('o.finished_at');
        $this->reach->within($orders, $person, 'a.path', $siteId);
        $found = $orders->get(['o.id', 'o.number', 'o.title', 'o.finished_at', 'o.version', 'a.name']);
        $lines = array_values($found->take(self::LINES)->map($this->line(...))->all());

        return $lines === []
            ? []
            : [new Group('hand back', 'Done: take the machine back', true, 0, $lines, $found->count(), '/today')];
    }

    private function line(stdClass $order): Line
    {
        return new Line(
            Post::svg(OrderState::Done->value, true),
            (string) $order->title,
            WorkOrder::labelOf((int) $order->number),
            "{$order->name} · done {$this->words->instant((string) $order->finished_at)}",
            '',
            '/today',
            [
                'label' => 'It runs: take it back',
                'href' => "/orders/{$order->id}/hand-back",
                'method' => 'post',
                'version' => $order->version,
            ],
        );
    }
}
