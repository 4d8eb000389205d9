<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Part;
use App\Stores\Queries\Promised;
use App\Stores\Queries\StockOf;
use Sundial\Access\Right;

/** Where a part is handed over: who is promised some of it, and any other order besides. */
final readonly class IssuePage
{
    public function __construct(private CurrentSite $site, private Promised $promised, private StockOf $stock)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(Part $part): array
    {
        $rows = $this->stock->part($part->id, $this->site->id());

        return [
            'part' => $part,
            'rows' => $rows,
            'stores' => $rows->pluck('store'),
            'claims' => $this->promised->ofPart($part->id, $this->site->id()),
            'mayTake' => Rights::has(Right::TakePromised),
        ];
    }
}
