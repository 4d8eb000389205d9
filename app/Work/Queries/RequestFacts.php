<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Register\Models\Asset;
use App\Work\Models\Restriction;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What whoever reviews a request wants to know of its asset: when the same was mended last, warranty, restrictions. */
final readonly class RequestFacts
{
    /** The last order, done or closed, on which the same showed on that asset; null if there is none. */
    public function mendedLast(WorkRequest $request): ?stdClass
    {
        if ($request->asset_id === null || $request->symptom === null) {
            return null;
        }

        return DB::table('work_orders as o')
            ->join('failure_records as f', 'f.order_id', '=', 'o.id')
            ->where('f.asset_id', $request->asset_id)
            ->where('f.symptom', $request->symptom)
            ->whereNotNull('o.finished_at')
            ->orderByDesc('o.finished_at')
            ->first(['o.id', 'o.number', 'o.title', 'o.finished_at', 'f.mode']);
    }

    /** @return Collection<int, Restriction> in force on an asset */
    public function restrictions(?Asset $asset): Collection
    {
        return $asset === null
            ? collect()
            : Restriction::standing()->where('asset_id', $asset->id)->orderBy('id')->get()->toBase();
    }

    public function bySecret(string $secret): ?WorkRequest
    {
        return WorkRequest::query()->where('secret_hash', hash('sha256', $secret))->first();
    }

    public function ofSite(int $siteId, int $id): ?WorkRequest
    {
        return WorkRequest::query()->where('site_id', $siteId)->find($id);
    }

    /** @return Collection<int, WorkRequest> that an order answers */
    public function ofOrder(int $orderId): Collection
    {
        return WorkRequest::query()->where('order_id', $orderId)->withCount('voices')->orderBy('id')->get()->toBase();
    }

    /** @return Collection<int, WorkRequest> what was found during an order */
    public function foundOn(int $orderId): Collection
    {
        return WorkRequest::query()->where('from_order_id', $orderId)->with('order')->orderBy('id')->get()->toBase();
    }
}
