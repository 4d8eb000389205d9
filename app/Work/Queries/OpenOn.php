<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Schedule;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\TakeAlong;
use Sundial\Work\Request\RequestState;

/** What else waits where an order is about to be raised, so that it is done in the same breath or seen to be double. */
final readonly class OpenOn
{
    private const MOST = 8;

    public function __construct(private AlongWith $along)
    {
    }

    /** @return Collection<int, WorkRequest> that nobody has decided on */
    public function requests(Asset|Location $where): Collection
    {
        return WorkRequest::query()
            ->where($where instanceof Asset ? 'asset_id' : 'location_id', $where->id)
            ->where('site_id', $where->site_id)
            ->whereIn('state', [RequestState::Received, RequestState::AskedBack])
            ->orderBy('received_at')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, WorkOrder> that are open there already */
    public function orders(Asset|Location $where): Collection
    {
        return WorkOrder::query()
            ->where($where instanceof Asset ? 'asset_id' : 'location_id', $where->id)
            ->where('site_id', $where->site_id)
            ->whereNotNull('open_due_on')
            ->orderBy('open_due_on')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    /**
     * @return list<array{schedule: Schedule, offer: TakeAlong, minutes: int, name: string, next: LocalDate|null,
     *     otherwise: LocalDate|null}> visits that could go along
     */
    public function visits(Asset|Location $where, LocalDate $day): array
    {
        return $where instanceof Asset ? ($this->along)($where, $day) : [];
    }
}
