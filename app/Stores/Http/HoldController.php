<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\Typed;
use App\Stores\Actions\AgreeHolding;
use App\Stores\Inputs\Holding;
use App\Stores\Models\Part;
use App\Stores\Pages\HoldListPage;
use App\Stores\Pages\HoldPage;
use App\Stores\Queries\HoldingBasis;
use App\Stores\Queries\StockOf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How many to hold: of one part, and of all critical ones. */
final class HoldController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function index(HoldListPage $page): Page
    {
        return Page::in('stores', 'How many to hold')->sheet('stores.hold.list', $page())->withoutHorizon();
    }

    public function show(Request $request, Part $part, HoldPage $page): Page
    {
        return Page::in('stores', "How many {$part->name}")
            ->sheet('stores.hold.sheet', $page($part, Typed::words($request, ...Holding::FIELDS)))
            ->withoutHorizon();
    }

    public function agree(
        Request $request,
        Part $part,
        AgreeHolding $agree,
        HoldingBasis $basis,
        StockOf $rows,
    ): RedirectResponse {
        $given = $request->validate([
            'store_id' => ['required', OnSite::record('stores', $this->site->id(), 'store')],
        ]);
        $stock = $rows->inStore($part->id, (int) $given['store_id']);
        $said = Holding::typed(
            Typed::words($request, ...Holding::FIELDS),
            $basis->usual([$part], $this->site->id())[$part->id],
        );
        $stock = $agree($request->user()->actor(), $stock, $said);

        return redirect("/parts/{$part->id}#stores")->with(
            'said',
            "The reorder point in {$stock->store->name} is ".rtrim(rtrim((string) $stock->reorder_point, '0'), '.').'.',
        );
    }
}
