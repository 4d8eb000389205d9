<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Stops\Pages\OeeAsked;
use App\Stops\Pages\OeePage;
use App\Stops\Pages\StopsIndex;
use App\Stops\Queries\OeeOf;
use App\Stops\Queries\OeeSum;
use Illuminate\Http\Request;
use Illuminate\Support\LazyCollection;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** How effective the lines of a site were. */
final class OeeController
{
    public function __construct(private readonly CurrentSite $site, private readonly StopsIndex $index)
    {
    }

    public function index(Request $request, OeePage $page): Page
    {
        $asked = OeeAsked::of($request);

        return $this->page('Effectiveness')
            ->sheet('stops.oee.sheet', static fn (): array => $page($asked))
            ->rest('stops.oee.rejects', null, static fn (): array => $page->rest($asked));
    }

    public function shifts(Request $request, OeePage $page): Page
    {
        return $this->page('Shifts')->sheet('stops.oee.shifts', $page->shifts(OeeAsked::of($request)));
    }

    public function rejects(Request $request, OeePage $page): Page
    {
        return $this->page('Rejects')->sheet('stops.oee.rejected', $page->rejected(OeeAsked::of($request)));
    }

    public function export(Request $request, string $format, OeeOf $of): StreamedResponse
    {
        $asked = OeeAsked::of($request);
        $rows = $of->addedUp($asked->slice($this->site->id(), $this->site->today()), $asked->by);

        return Table::stream(
            $format,
            'effectiveness',
            [
                $asked->by, 'shifts', 'planned seconds', 'run seconds', 'ideal seconds', 'good ideal seconds',
                'wanted seconds', 'availability', 'performance', 'quality', 'OEE',
            ],
            LazyCollection::make($rows)->map(static fn (OeeSum $row): array => [
                $row->key,
                $row->shifts,
                $row->oee->planned,
                $row->oee->run,
                (string) $row->oee->ideal,
                (string) $row->oee->good,
                $row->wanted,
                $row->oee->availability(),
                $row->oee->performance(),
                $row->oee->quality(),
                $row->oee->oee(),
            ]),
        );
    }

    private function page(string $title): Page
    {
        $index = $this->index;

        return Page::in('stops', $title)
            ->index('stops.index', static fn (): array => $index(null))
            ->withoutHorizon();
    }
}
