<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;

/** What approved orders want until a day and was not there to be promised. */
final readonly class ShortClaims
{
    private const MOST = 60;

    /** @return Collection<int, Claim> the first needed first */
    public function __invoke(int $siteId, LocalDate $until): Collection
    {
        return Claim::query()
            ->with('stock.part:id,name,number')
            ->where('site_id', $siteId)
            ->where('is_lacking', 1)
            ->where(static fn ($any) => $any->whereNull('needed_on')->orWhere('needed_on', '<=', (string) $until))
            ->orderByRaw('needed_on IS NULL')
            ->orderBy('needed_on')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }
}
