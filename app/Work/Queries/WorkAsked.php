<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Collection;

/** Orders and requests as programs ask for them; a page holds one more, if there is more. */
final readonly class WorkAsked
{
    /**
     * @param  list<int>  $sites
     * @param  array<string, mixed>  $asked  tag, state, after: as they were asked
     * @return Collection<int, WorkOrder>
     */
    public function orders(array $sites, array $asked, int $limit): Collection
    {
        return WorkOrder::query()
            ->whereIn('site_id', $sites)
            ->where('id', '>', (int) ($asked['after'] ?? 0))
            ->with(['asset:id,tag', 'location:id,tag'])
            ->when(
                isset($asked['tag']),
                static fn ($some) => $some->where(
                    static fn ($any) => $any
                        ->whereRelation('asset', 'tag', $asked['tag'])
                        ->orWhereRelation('location', 'tag', $asked['tag']),
                ),
            )
            ->when(isset($asked['state']), static fn ($some) => $some->where('state', $asked['state']))
            ->orderBy('id')
            ->limit($limit)
            ->get()
            ->toBase();
    }

    /**
     * @param  list<int>  $sites
     * @param  array<string, mixed>  $asked  state, after: as they were asked
     * @return Collection<int, WorkRequest>
     */
    public function requests(array $sites, array $asked, int $limit): Collection
    {
        return WorkRequest::query()
            ->whereIn('site_id', $sites)
            ->where('id', '>', (int) ($asked['after'] ?? 0))
            ->with(['asset:id,tag', 'location:id,tag', 'order:id,number'])
            ->when(isset($asked['state']), static fn ($some) => $some->where('state', $asked['state']))
            ->orderBy('id')
            ->limit($limit)
            ->get()
            ->toBase();
    }
}
