<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use App\Work\Actions\Moves\LeaveVisitOut;
use App\Work\Actions\Moves\TakeVisitsAlong;
use App\Work\Actions\Release\ReleaseTogether;
use App\Work\Models\WorkOrder;
use App\Work\Queries\AlongWith;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Visits that are done together: taken into an order, left out again, or made into one order. */
final class AlongController
{
    public function __construct(private readonly Wording $words)
    {
    }

    /** The visits that could go into an order; asked for by its sheet once that stands, or as a page. */
    public function offers(Request $request, WorkOrder $order, AlongWith $along, CurrentSite $sites): Response|Page
    {
        $sites->enter($order->site_id);
        $today = $sites->today();
        $offers = $order->asset === null ? [] : $along($order->asset, $order->workDay($today));
        $data = ['order' => $order, 'offers' => $offers];
        if ($request->headers->has('HX-Request')) {
            return response(view('work.take-along', $data)->render())
                ->header('Cache-Control', 'no-store')
                ->header('Vary', 'HX-Request');
        }

        return Page::in('work', "Take along into {$order->label()}")->sheet('work.take-along-page', $data);
    }

    public function take(Request $request, WorkOrder $order, TakeVisitsAlong $take): RedirectResponse
    {
        $chosen = self::chosen($request);
        $take($request->user()->actor(), $order, $chosen);

        return redirect("/orders/{$order->id}")->with(
            'said',
            "{$order->label()} takes {$this->words->count(count($chosen), 'visit')} along. Each schedule counts on ".
            'by its own rule when the order is finished.',
        );
    }

    public function leave(Request $request, WorkOrder $order, int $visit, LeaveVisitOut $leave): RedirectResponse
    {
        $leave($request->user()->actor(), $order, $visit);

        return redirect("/orders/{$order->id}")->with(
            'said',
            'The visit is left out; it is released by itself when its lead comes.',
        );
    }

    /** The visits on an asset that fall close together, with what one order for all of them would do to each. */
    public function near(Asset $asset, AlongWith $along, CurrentSite $sites): Page
    {
        $site = $sites->enter($asset->site_id);
        $today = $sites->today();
        $day = $along->firstDay($asset, $today);

        return Page::in('work', "Together on {$asset->tag}")
            ->sheet('work.together', [
                'asset' => $asset,
                'site' => $site,
                'day' => $day,
                'offers' => $along($asset, $day),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($asset->subject(), $asset->name, $today));
    }

    public function together(Request $request, Asset $asset, ReleaseTogether $release): RedirectResponse
    {
        $chosen = self::chosen($request);
        $order = $release($request->user()->actor(), $asset->site_id, $chosen);

        return redirect("/orders/{$order->id}")
            ->with('said', "{$order->label()} is made for {$this->words->count(count($chosen), 'visit')}.")
            ->with('undo', ['href' => "/release/{$order->batch_id}", 'method' => 'delete', 'fields' => []]);
    }

    /** @return list<int> */
    private static function chosen(Request $request): array
    {
        $given = $request->validate(
            ['schedules' => ['required', 'array', 'max:40'], 'schedules.*' => ['integer']],
            ['schedules.required' => 'Choose at least one visit.'],
        );

        return array_map(intval(...), array_values($given['schedules']));
    }
}
