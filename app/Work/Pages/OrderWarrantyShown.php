<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Register\Models\Asset;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Queries\Claims;
use Illuminate\Support\Facades\Gate;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderState;
use Sundial\Work\Warranty\Warranty;

/** On the sheet of an order: which of its assets somebody else pays for, and what was claimed. */
final readonly class OrderWarrantyShown
{
    public function __construct(private Wording $words, private Claims $claims)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(WorkOrder $order, bool $hasClaims): array
    {
        $assets = $order->rows->isEmpty()
            ? collect([$order->asset])
            : $order->rows->map(static fn (OrderAsset $row): ?Asset => $row->asset);
        $under = $assets->filter(fn (?Asset $one): bool => $one !== null && $this->holds($one))->values();

        return [
            'underWarranty' => $order->state === OrderState::Cancelled ? collect() : $under,
            'claims' => $hasClaims
                ? $this->claims->ofOrder($order->id)
                : collect(),
            'mayClaim' => Gate::allows('assign', $order),
        ];
    }

    private function holds(Asset $asset): bool
    {
        $until = $asset->warranty_until === null ? null : LocalDate::parse((string) $asset->warranty_until);

        return Warranty::until($until)->holds($this->words->today());
    }
}
