<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Files\Pdf;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\Typed;
use App\Register\Queries\RegisterLists;
use App\Work\Actions\Money\OfferReference;
use App\Work\Actions\Money\RetireReference;
use App\Work\Actions\Money\SaveRecharge;
use App\Work\Actions\Money\SetTax;
use App\Work\Http\Requests\RechargeRequest;
use App\Work\Models\WorkOrder;
use App\Work\Pages\RechargePage;
use App\Work\Queries\RechargeOf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Sundial\Support\Decimals;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What others are asked to pay for orders, and the taxes on it. */
final class RechargeController
{
    public function __construct(private readonly CurrentSite $site, private readonly RechargeOf $recharge)
    {
    }

    public function show(WorkOrder $order, RechargePage $page): Page
    {
        $this->site->enter($order->site_id);

        return Page::in('work', "Recharge of {$order->label()}")
            ->sheet('work.recharge.sheet', $page($order))
            ->withoutHorizon();
    }

    public function save(RechargeRequest $request, WorkOrder $order, SaveRecharge $save): RedirectResponse
    {
        $save(
            $request->user()->actor(),
            $order,
            $request->recharge($this->recharge->references()),
            Typed::id($request, 'version'),
        );

        return redirect("/orders/{$order->id}/recharge")->with('said', 'The recharge is saved.');
    }

    public function pdf(WorkOrder $order, RechargePage $page): Response
    {
        $this->site->enter($order->site_id);

        return Pdf::response("recharge-{$order->label()}", 'work.recharge.pdf', $page($order));
    }

    public function csv(WorkOrder $order, RechargePage $page): StreamedResponse
    {
        $this->site->enter($order->site_id);

        return Table::stream(
            'csv',
            "recharge-{$order->label()}",
            ['line', 'day', 'quantity', 'amount'],
            $page->rows($order),
        );
    }

    public function setup(RegisterLists $register): Page
    {
        return Page::in('setup', 'Recharge')
            ->index('frame.setup-index', ['current' => 'recharge'])
            ->sheet('work.setup.recharge', [
                'places' => $register->locations($this->site->id()),
                'taxes' => $this->recharge->taxes($this->site->id()),
                'references' => $this->recharge->references(),
                'site' => $this->site->get(),
            ]);
    }

    public function tax(Request $request, SetTax $set): RedirectResponse
    {
        $given = $request->validate([
            'location_id' => ['nullable', OnSite::record('locations', $this->site->id(), 'place')],
            'percent' => ['nullable', 'string', 'max:10'],
        ], [], ['location_id' => 'place']);
        $typed = trim((string) ($given['percent'] ?? ''));
        $set(
            $request->user()->actor(),
            $this->site->id(),
            (int) ($given['location_id'] ?? 0),
            $typed === '' ? null : Decimals::parse($typed, 4, 'percent'),
        );

        return redirect('/setup/recharge')->with('said', 'The tax is saved.');
    }

    public function addReference(Request $request, OfferReference $offer): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:40']]);
        $offer($request->user()->actor(), trim($given['name']));

        return redirect('/setup/recharge')->with('said', 'It is asked for on recharges from now on.');
    }

    public function retireReference(Request $request, RetireReference $retire): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:40']]);
        $retire($request->user()->actor(), $given['name']);

        return redirect('/setup/recharge')->with('said', 'It is asked for no more.');
    }
}
