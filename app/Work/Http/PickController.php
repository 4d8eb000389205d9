<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Stores\Actions\SetAside;
use App\Stores\Models\Part;
use App\Stores\Queries\ToPick;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Parts\HandOver;
use App\Work\Http\Requests\IssueRequest;
use App\Work\Models\WorkOrder;
use App\Work\Pages\IssuePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Hands parts over to orders: the list to pick, kits that are set aside, and one part by its own sheet. */
final class PickController
{
    private const AHEAD = 14;

    public function __construct(private readonly CurrentSite $site, private readonly FirstAnswer $once)
    {
    }

    public function index(Request $request, ToPick $pick): Page
    {
        $until = Typed::day($request, 'until', $this->site->today()->plusDays(self::AHEAD));

        return Page::in('stores', 'Parts to pick')->sheet('work.picks.sheet', [
            'groups' => $pick($this->site->id(), $until),
            'until' => $until,
        ])->withoutHorizon();
    }

    public function setAside(Request $request, WorkOrder $order, SetAside $set): RedirectResponse
    {
        $parts = $set($request->user()->actor(), $order->subject(), $order->label());

        return redirect('/picks')->with(
            'said',
            ($parts === 1 ? '1 part is' : "{$parts} parts are")." set aside for {$order->label()}.",
        );
    }

    public function handOver(Request $request, WorkOrder $order, HandOver $hand): RedirectResponse
    {
        return $this->once->redirect(static function () use ($request, $order, $hand): array {
            $lines = $hand($request->user()->actor(), $order);

            return ['/picks', ($lines === 1 ? '1 line is' : "{$lines} lines are").
                " handed over for {$order->label()}."];
        });
    }

    public function issue(Part $part, IssuePage $page): Page
    {
        return Page::in('stores', "Issue {$part->name}")->sheet('work.picks.issue', $page($part))->withoutHorizon();
    }

    public function issued(IssueRequest $request, Part $part, UsePart $use): RedirectResponse
    {
        $order = $request->order($this->site->id());
        $used = $request->used($part, $order, $this->site->get()->currency);

        return $this->once->redirect(static function () use ($request, $part, $order, $use, $used): array {
            $use($request->user()->actor(), $order, $used);
            $did = $used->thousandths < 0 ? 'Taken back from' : 'Handed over for';

            return ["/parts/{$part->id}", "{$did} {$order->label()}: {$used->words()}."];
        });
    }
}
