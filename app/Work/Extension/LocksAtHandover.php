<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Frame\Wording;
use App\Stops\Extension\ToldAtHandover;
use App\Work\Models\OrderIsolation;

/** At a handover: permits that are open and locks that are on. */
final readonly class LocksAtHandover implements ToldAtHandover
{
    private const MOST = 40;

    public function __construct(private Wording $words)
    {
    }

    public function position(): int
    {
        return 40;
    }

    public function title(): string
    {
        return 'Permits open and locks on';
    }

    public function lines(int $siteId): array
    {
        return array_values(OrderIsolation::query()
            ->with(['asset:id,name', 'orders:id'])
            ->where('site_id', $siteId)
            ->where('state', '<>', 'lifted')
            ->orderBy('valid_until')
            ->limit(self::MOST)
            ->get()
            ->map(fn (OrderIsolation $one): array => [
                'words' => "{$one->asset->name}: ".($one->permit ?? 'locked').", {$one->state->value}, ".
                    "by {$one->issued_who} until {$this->words->instant($one->valid_until)}",
                'href' => $one->orders->first() === null
                    ? "/assets/{$one->asset_id}"
                    : "/orders/{$one->orders->first()->id}#locks",
            ])
            ->all());
    }
}
