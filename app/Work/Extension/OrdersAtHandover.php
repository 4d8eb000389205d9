<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Stops\Extension\ToldAtHandover;
use Illuminate\Support\Facades\DB;
use stdClass;

/** At a handover: orders that go on. */
final readonly class OrdersAtHandover implements ToldAtHandover
{
    private const MOST = 40;

    public function position(): int
    {
        return 50;
    }

    public function title(): string
    {
        return 'Orders going on';
    }

    public function lines(int $siteId): array
    {
        return array_values(DB::table('work_orders as o')
            ->leftJoin('assets as a', 'a.id', '=', 'o.asset_id')
            ->leftJoin('users as u', 'u.id', '=', 'o.assignee_id')
            ->where('o.site_id', $siteId)
            ->whereIn('o.state', ['under way', 'on hold'])
            ->orderBy('o.since_at')
            ->limit(self::MOST)
            ->get(['o.id', 'o.number', 'o.title', 'o.state', 'a.name as asset', 'u.name as person'])
            ->map(static fn (stdClass $one): array => [
                'words' => "W-{$one->number} {$one->title}, {$one->asset}: {$one->state}".
                    ($one->person === null ? '' : ", {$one->person}"),
                'href' => "/orders/{$one->id}",
            ])
            ->all());
    }
}
