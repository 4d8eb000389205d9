<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Stop;
use Illuminate\Database\Eloquent\Collection;

/** The last stops of an asset; asked once in a request. */
final class StopsOf
{
    public const MOST = 6;

    /** @var array<int, Collection<int, Stop>> */
    private array $known = [];

    /** @return Collection<int, Stop> newest first, one more than MOST where there are more */
    public function asset(int $assetId): Collection
    {
        return $this->known[$assetId] ??= Stop::standing()
            ->with('asset')
            ->where('asset_id', $assetId)
            ->orderByDesc('from_at')
            ->limit(self::MOST + 1)
            ->get();
    }
}
