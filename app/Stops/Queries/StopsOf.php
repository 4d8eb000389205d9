<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\Stop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The last stops of an asset; asked once in a request. */
final class StopsOf
{
    public const MOST = 6;

    /** @var array<int, Collection<int, Stop>> */
    private array $known = [];

    public function __construct(private readonly Clock $clock)
    {
    }

    /**
     * @return Collection<int, Stop> newest first, one more than MOST where there are more; each with the failures of
     *     the asset in twelve months
     */
    public function asset(int $assetId): Collection
    {
        if (isset($this->known[$assetId])) {
            return $this->known[$assetId];
        }
        $failures = DB::table('failures')
            ->whereColumn('failures.asset_id', 'stops.asset_id')
            ->where('failed_at', '>=', $this->clock->now()->modify('-1 year')->format('Y-m-d H:i:s'))
            ->selectRaw('COUNT(*)');

        $stops = Stop::standing()
            ->with('asset')
            ->where('asset_id', $assetId)
            ->orderByDesc('from_at')
            ->limit(self::MOST + 1);
        $stops->select('stops.*')->selectSub($failures, 'failures');

        return $this->known[$assetId] = $stops->get();
    }
}
