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
use App\Work\Queries\TimerOf;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\RunningTime;

/** On Today: my clock that runs, and the one that was forgotten the day before. */
final readonly class ClockToday implements TodayCard
{
    public function __construct(private TimerOf $timer, private Wording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        $timer = $person instanceof User && Rights::has(Right::WorkOnOwnOrders) ? ($this->timer)($person->id) : null;
        if ($timer === null) {
            return [];
        }
        $began = LocalDate::parse($this->words->local($timer->started_at)->format('Y-m-d'));
        $isForgotten = RunningTime::isForgotten($began, $today);
        $line = new Line(
            Post::svg('under way', true),
            $timer->order->title,
            $timer->order->label(),
            "since {$this->words->instant($timer->started_at)} · {$timer->order->worksite()->name}",
            $isForgotten ? 'late' : '',
            "/orders/{$timer->order_id}",
            $isForgotten
                ? ['label' => 'Say when it ended', 'href' => '/timer', 'method' => 'get']
                : ['label' => 'Stop it', 'href' => '/timer/stop', 'method' => 'post'],
        );

        return [
            new Group(
                'clock',
                $isForgotten ? 'My clock was not stopped' : 'My clock runs',
                true,
                -2,
                [$line],
                1,
                '/timer',
            ),
        ];
    }
}
