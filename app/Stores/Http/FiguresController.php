<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Writing\Typed;
use App\Stores\Pages\FiguresPage;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;

/** What the stores of a site hold and turn over. */
final class FiguresController
{
    public function __invoke(Request $request, FiguresPage $page): Page
    {
        $months = min(60, max(1, $request->integer('months', 12)));
        $typed = Typed::word($request, 'month');
        $month = preg_match('/^\d{4}-(0[1-9]|1[0-2])$/D', $typed) === 1 ? LocalDate::parse("{$typed}-01") : null;

        return Page::in('stores', 'Figures of the stores')
            ->sheet('stores.figures.sheet', static fn (): array => $page($month))
            ->rest('stores.figures.rest', null, static fn (): array => $page->rest($months))
            ->withoutHorizon();
    }
}
