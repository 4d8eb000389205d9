<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Work\Models\WorkRequest;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Collection;
use Sundial\Work\Request\RequestState;

/** Requests on an asset or a place that wait, or whose order is not finished yet: it may be one of those. */
final readonly class SimilarRequests
{
    private const MOST = 5;

    /** @return Collection<int, WorkRequest> the last first */
    public function __invoke(Asset|Location $where, ?int $except = null): Collection
    {
        return WorkRequest::query()
            ->with('order')
            ->where($where instanceof Asset ? 'asset_id' : 'location_id', $where->id)
            ->where('site_id', $where->site_id)
            ->where('id', '<>', $except ?? 0)
            ->where(
                static fn ($any) => $any
                    ->whereIn('state', [RequestState::Received, RequestState::AskedBack])
                    ->orWhere(
                        static fn ($accepted) => $accepted
                            ->where('state', RequestState::Accepted)
                            ->whereHas('order', static fn ($order) => $order->whereIn('state', OpenStates::VALUES)),
                    ),
            )
            ->orderByDesc('received_at')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }
}
