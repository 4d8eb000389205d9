<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;

/** What approved orders want until a day and was not there to be promised. */
final readonly class ShortClaims
{
    private const MOST = 60;

    /** @return Collection<int, Claim> the first needed first */
    public function __invoke(int $siteId, LocalDate $until): Collection
    {
        $lacking = static fn (): Builder => Claim::query()
            ->with('stock.part:id,name,number')
            ->where('site_id', $siteId)
            ->where('is_lacking', 1)
            ->orderBy('needed_on')
            ->orderBy('id');
        $dated = $lacking()->where('needed_on', '<=', (string) $until)->limit(self::MOST);

        // Those without a day come last; both are asked for in the order of an index.
        $dated->unionAll($lacking()->whereNull('needed_on')->limit(self::MOST));

        return $dated
            ->get()
            ->sortBy(static fn (Claim $one): array => [$one->needed_on ?? '9999-12-31', $one->id])
            ->take(self::MOST)
            ->values()
            ->toBase();
    }
}
