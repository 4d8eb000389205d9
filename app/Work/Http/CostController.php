<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\Setup\LockCosts;
use App\Work\Inputs\CostSlice;
use App\Work\Pages\CostsPage;
use App\Work\Queries\CostRollUp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use stdClass;
use Sundial\Support\Money;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the work of a site cost, the orders behind each figure, and the months that are locked. */
final class CostController
{
    public function __construct(private readonly CurrentSite $site, private readonly CostRollUp $costs)
    {
    }

    public function index(Request $request, CostsPage $page): Page
    {
        $slice = CostSlice::asked($request, $this->site->today());

        return Page::in('work', 'Costs')
            ->sheet('work.costs.sheet', $page($this->site->get(), $slice))
            ->withoutHorizon();
    }

    public function orders(Request $request): Page
    {
        $slice = CostSlice::asked($request, $this->site->today());

        return Page::in('work', 'Orders behind a cost')
            ->sheet('work.costs.orders', [
                'slice' => $slice,
                'orders' => $this->costs->orders($this->site->id(), $slice),
            ])
            ->withoutHorizon();
    }

    /** The same orders as a file. */
    public function export(Request $request, string $format): StreamedResponse
    {
        $slice = CostSlice::asked($request, $this->site->today());

        return Table::stream(
            $format,
            'costs',
            ['order', 'title', 'state', 'cost', 'lines of unknown cost'],
            $this->costs->orders($this->site->id(), $slice)->map(static fn (stdClass $one): array => [
                "W-{$one->number}",
                $one->title,
                $one->state,
                Money::plain((int) $one->cents),
                (int) $one->unknown,
            ]),
        );
    }

    public function lock(Request $request, LockCosts $lock): RedirectResponse
    {
        $given = $request->validate(['month' => ['required', 'date_format:Y-m']]);
        [$year, $month] = array_map(intval(...), explode('-', $given['month']));
        $through = $lock($request->user()->actor(), $this->site->id(), $year, $month);

        return redirect('/costs')->with('said', "The costs are locked through {$through}.");
    }
}
