<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\CallsOf;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today: lines that call for maintenance, and who comes. */
final readonly class CallsToday implements TodayCard
{
    public function __construct(private CallsOf $calls, private Wording $words, private Clock $clock)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::WorkOnOwnOrders)) {
            return [];
        }
        $calls = $this->calls->open($siteId);
        $lines = $calls->map(function (MaintenanceCall $call): Line {
            $since = $this->clock->now()->getTimestamp() - ShiftRecord::second($call->called_at);
            $who = match (true) {
                $call->arrived_at !== null => ($call->comes_who ?? 'maintenance').' is there',
                $call->comes_who !== null => "{$call->comes_who} comes",
                default => 'nobody comes yet',
            };

            return new Line(
                Post::svg('under way', true),
                $call->asset->name,
                $call->asset->tag,
                "called {$this->words->lasting(intdiv(max(0, $since), 60))} ago: {$call->words} · {$who}",
                $call->comes_who === null ? 'late' : '',
                $call->subject_kind === 'order' ? "/orders/{$call->subject_id}" : "/assets/{$call->asset_id}",
                $call->comes_who === null
                    ? ['label' => 'I come', 'href' => "/calls/{$call->id}/come", 'method' => 'post']
                    : ['label' => 'I am there', 'href' => "/calls/{$call->id}/arrived", 'method' => 'post'],
            );
        });

        return $calls->isEmpty()
            ? []
            : [new Group('calls', 'Lines that call', true, -3, array_values($lines->all()), $calls->count(), '/stops',
                'line that calls')];
    }
}
