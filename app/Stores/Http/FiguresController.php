<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Stores\Pages\FiguresPage;
use Illuminate\Http\Request;

/** What the stores of a site hold and turn over. */
final class FiguresController
{
    public function __invoke(Request $request, FiguresPage $page): Page
    {
        $months = min(60, max(1, $request->integer('months', 12)));

        return Page::in('stores', 'Figures of the stores')
            ->sheet('stores.figures.sheet', $page($months))
            ->withoutHorizon();
    }
}
