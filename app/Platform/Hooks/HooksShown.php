<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use Illuminate\Database\Eloquent\Collection;

/** The addresses that a site tells, and what it told them last. */
final readonly class HooksShown
{
    private const LAST = 60;

    /** What a site tells of. */
    public const EVENTS = [
        'order.planned',
        'order.approved',
        'order.under way',
        'order.on hold',
        'order.done',
        'order.closed',
        'order.cancelled',
        'request.received',
        'request.accepted',
        'request.declined',
    ];

    /** @return Collection<int, Webhook> */
    public function of(int $siteId): Collection
    {
        return Webhook::query()->where('site_id', $siteId)->where('active', true)->orderBy('id')->get();
    }

    /** @return Collection<int, Delivery> the newest first */
    public function last(int $siteId): Collection
    {
        return Delivery::query()
            ->whereIn('webhook_id', Webhook::query()->where('site_id', $siteId)->select('id'))
            ->with('webhook')
            ->orderByDesc('id')
            ->limit(self::LAST)
            ->get();
    }
}
