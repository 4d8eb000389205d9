<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Work\Models\WorkRequest;
use App\Work\Queries\RequestIndex;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today: the requests that wait for somebody to look at them, the one that waits longest first. */
final readonly class RequestsToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private RequestIndex $index, private Wording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        if (! ($person instanceof User) || ! Rights::has(Right::SeeOwnLine)) {
            return [];
        }
        $reviews = Rights::has(Right::PlanOrders);
        $found = $this->index
            ->waiting($siteId, $person)
            ->with(['asset:id,name', 'location:id,name'])
            ->limit(self::LINES + 1)
            ->get();
        if ($found->isEmpty()) {
            return [];
        }
        $count = $found->count() > self::LINES
            ? $this->index->count($siteId, $person, RequestIndex::WAITING)
            : $found->count();
        $lines = $found->take(self::LINES)->map($this->line(...))->values()->all();

        return [
            new Group(
                'requests',
                $reviews ? 'Requests that wait for me' : 'Reported, and waiting',
                $reviews,
                $reviews ? 4 : 63,
                array_values($lines),
                $count,
                '/requests',
                $reviews ? 'request that waits for me' : null,
            ),
        ];
    }

    private function line(WorkRequest $request): Line
    {
        $where = $request->asset->name ?? $request->location?->name;

        return new Line(
            view('work.requests.glyph')->render(),
            $request->title(),
            $request->label(),
            "{$request->how_soon->value} · {$where} · {$this->words->relative($request->received_at)}".
                ($request->down ? ' · down' : ''),
            $request->down ? 'late' : '',
            "/requests/{$request->id}",
            ['label' => 'Look', 'href' => "/requests/{$request->id}", 'method' => 'get'],
        );
    }
}
