<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\Typed;
use App\Register\Queries\LabelSheet;
use App\Stores\Queries\PartsToLabel;
use App\Stores\Queries\StockOf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** Labels for the shelves of a store: each part with its bin and a code that leads to it. */
final class PartLabelController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function show(StockOf $stock): Page
    {
        return Page::in('stores', 'Labels for shelves')->sheet('stores.labels', [
            'stores' => $stock->stores($this->site->id()),
            'sizes' => array_keys(LabelSheet::SIZES),
        ])->withoutHorizon();
    }

    public function print(Request $request, LabelSheet $sheet, PartsToLabel $parts): Response
    {
        $given = $request->validate([
            'store_id' => ['required', OnSite::record('stores', $this->site->id(), 'store')],
            'bins' => ['nullable', 'string', 'max:20'],
            'of' => ['nullable', Rule::in(['parts', 'bins'])],
            'size' => ['required', Rule::in(array_keys(LabelSheet::SIZES))],
        ], [], ['store_id' => 'store']);
        $at = [(int) $given['store_id'], Typed::word($request, 'bins'), $request->getSchemeAndHttpHost()];
        $labels = ($given['of'] ?? 'parts') === 'bins' ? $parts->bins(...$at) : $parts(...$at);

        return response($sheet->of($labels, $given['size']))
            ->header('Content-Type', 'application/pdf')
            ->header('Content-Disposition', 'inline; filename="shelf-labels.pdf"')
            ->header('Cache-Control', 'no-store');
    }
}
