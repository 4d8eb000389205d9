<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Register\RegisterFile;

/** Orders that were taken over from the system that was used before, and what a file of them refers to. */
final readonly class FormerOrders
{
    public function __construct(private SiteDays $days)
    {
    }

    /** @return array<string, int> orders of the site by their number before, or by their own */
    public function known(int $siteId): array
    {
        $known = [];
        $orders = DB::table('work_orders')->where('site_id', $siteId)->select(['id', 'number', 'former']);
        foreach ($orders->lazyById(5000) as $order) {
            $known[RegisterFile::key(WorkOrder::labelOf((int) $order->number))] = (int) $order->id;
            if ($order->former !== null) {
                $known[RegisterFile::key((string) $order->former)] = (int) $order->id;
            }
        }

        return $known;
    }

    public function stands(int $siteId): WhatFormerOrdersName
    {
        return WhatFormerOrdersName::of($siteId);
    }

    /**
     * @param  Closure(WorkOrder): string  $state  as a file tells it
     * @return iterable<array<string, string|null>>
     */
    public function standing(int $siteId, Closure $state): iterable
    {
        $zone = $this->days->site($siteId)->zone();
        $at = static fn (?string $utc): ?string => $utc === null
            ? null
            : (new DateTimeImmutable($utc, new DateTimeZone('UTC')))->setTimezone($zone)->format('Y-m-d H:i');
        $orders = WorkOrder::query()
            ->where('site_id', $siteId)
            ->with(['asset:id,tag', 'location:id,tag', 'team:id,name', 'failure']);
        foreach ($orders->lazyById(500) as $order) {
            yield [
                'former_number' => $order->former ?? $order->label(),
                'title' => $order->title,
                'on' => $order->worksite()->tag,
                'type' => $order->type->name,
                'priority' => (string) $order->priority->value,
                'state' => $state($order),
                'due' => $order->due_on,
                'started' => $at($order->started_at),
                'finished' => $order->state->isOpen() ? null : $at($order->finished_at),
                'team' => $order->team?->name,
                'about' => $order->about,
                ...self::cost($order->id),
                'mode' => $order->failure?->mode,
                'mechanism' => $order->failure?->mechanism,
                'cause' => $order->failure?->cause,
                'action' => $order->failure?->action,
                'failed_at' => $at($order->failure?->failed_at),
                'done' => $order->failure?->done,
            ];
        }
    }

    /** @return array<string, string|null> hours and cents by kind */
    private static function cost(int $orderId): array
    {
        $kinds = DB::table('cost_entries')
            ->where('order_id', $orderId)
            ->groupBy('kind')
            ->selectRaw('kind, SUM(cents) as cents, SUM(seconds) as seconds')
            ->get()
            ->keyBy('kind');
        $cents = static fn (string $kind): ?string => isset($kinds[$kind]->cents)
            ? (string) $kinds[$kind]->cents
            : null;
        $seconds = (int) ($kinds['labour']->seconds ?? 0);

        return [
            'hours' => $seconds === 0 ? null : number_format($seconds / 3600, 3, '.', ''),
            'labour_cost' => $cents('labour'),
            'parts_cost' => $cents('parts'),
            'services_cost' => $cents('services'),
        ];
    }
}
