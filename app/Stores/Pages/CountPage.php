<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\CountLine;
use App\Stores\Models\StockCount;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** The sheet of a count: to walk with, and to see what differs before it is booked. */
final readonly class CountPage
{
    public function __construct(private CurrentSite $site, private PeopleOf $people, private LogQuery $log)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(StockCount $count): array
    {
        $lines = $count->lines()->with(['stock.part'])->get()->sortBy([
            static fn (CountLine $a, CountLine $b): int => [$a->stock->bin, $a->stock->part->name] <=>
                [$b->stock->bin, $b->stock->part->name],
        ])->values();
        $counted = $lines->whereNotNull('counted');
        $keeps = Gate::allows('keep', $count->store);

        $differs = $counted->filter(static fn (CountLine $one): bool => $one->difference() !== 0)->count();

        return [
            'count' => $count,
            'lines' => $lines,
            'counted' => $counted->count(),
            'differ' => $counted->filter(static fn (CountLine $one): bool => $one->difference() !== 0)->values(),
            'bookSays' => $differs === 0
                ? 'Book that all is as the books say'
                : 'Book '.($differs === 1 ? '1 difference' : "{$differs} differences"),
            'worth' => (int) $counted->sum(static fn (CountLine $one): int => $one->worth() ?? 0),
            'mayCount' => $keeps && $count->isOpen(),
            'seconds' => $keeps && $count->isOpen() ? $this->people->with(Right::SeePlant, $count->site_id) : collect(),
            'seesPrices' => Rights::has(Right::SeePrices),
            'log' => $this->log->of($count->subject(), $this->site->get()->zone()),
        ];
    }
}
