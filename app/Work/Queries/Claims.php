<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WarrantyClaim;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Work\Warranty\ClaimState;

/** The claims on warranties of a site, those that wait for an answer first. */
final readonly class Claims
{
    private const MOST = 300;

    /** @return Collection<int, WarrantyClaim> */
    public function ofOrder(int $orderId): Collection
    {
        return WarrantyClaim::query()->where('order_id', $orderId)->with('supplier')->orderBy('id')->get();
    }

    /** @return Collection<int, WarrantyClaim> */
    public function ofSite(int $siteId): Collection
    {
        return WarrantyClaim::query()
            ->where('site_id', $siteId)
            ->with(['asset:id,tag,name', 'supplier:id,name', 'order:id,number,title'])
            ->orderByRaw('state <> ?', [ClaimState::Claimed->value])
            ->orderBy('claimed_on')
            ->limit(self::MOST)
            ->get();
    }
}
