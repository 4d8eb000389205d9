<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\People\Queries\PeopleLists;
use App\Planning\Queries\CalendarMonth;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use Illuminate\Http\Request;

/** Month and week of visits and orders, moved by drag and by keys. */
final class CalendarController
{
    public function __construct(private readonly CurrentSite $site, private readonly PeopleLists $people)
    {
    }

    public function show(Request $request, CalendarMonth $calendar): Page
    {
        $today = $this->site->today();
        $on = Typed::day($request, 'on', $today);
        $view = $request->query('view') === 'week' ? 'week' : 'month';
        $team = $request->integer('team') ?: null;
        ['from' => $from, 'to' => $to] = CalendarMonth::span($on, $view);
        $count = $from->daysUntil($to);

        return Page::in('plan', 'Calendar')
            ->sheet('planning.calendar', [
                'on' => $on,
                'view' => $view,
                'team' => $team,
                'today' => $today,
                'from' => $from,
                'to' => $to,
                'days' => $calendar($this->site->id(), $from, $to, $team),
                'worked' => CalendarMonth::worked($this->site->get()->workingDays(), $from, $count),
                'teams' => $this->people->teams($this->site->id()),
                'site' => $this->site->get(),
                'most' => $view === 'week' ? 60 : 5,
            ])
            ->withoutHorizon();
    }
}
