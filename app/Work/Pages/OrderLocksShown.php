<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Queries\IsolationsOf;
use App\Work\Queries\PermitsOf;

/** On the sheet of an order: the isolations and permits behind which it is worked, and what could be issued. */
final readonly class OrderLocksShown
{
    public function __construct(private IsolationsOf $isolations, private PermitsOf $permits, private Wording $words)
    {
    }

    /**
     * @param  array{isolations: bool, points: bool, permits: bool, locked: bool, kinds: list<string>, ...}  $has
     * @param  bool  $plans  whether whoever looks may issue and lift
     * @return array<string, mixed>
     */
    public function __invoke(WorkOrder $order, array $has, bool $plans): array
    {
        $open = $has['isolations'] ? $this->isolations->order($order->id) : collect();
        $may = $plans && $order->state->isOpen() && $order->asset_id !== null;
        $needed = $has['permits'] ? $this->permits->needed($order->id) : null;

        return [
            'isolations' => $open,
            // Where nothing is known of locks, the way to them stands at the foot.
            'isolationFirst' => $has['isolations'] || $has['points'] || $has['permits'],
            'mayMoveLocks' => $plans,
            'mayIsolate' => $may,
            'sharable' => $may && $has['locked'] ? $this->isolations->shared($order) : collect(),
            'lockPoints' => $may && $has['points'] ? $this->isolations->points((int) $order->asset_id) : [],
            'permitKinds' => $may ? $has['kinds'] : [],
            'permitsNeeded' => $needed->needed ?? [],
            'permitsMissing' => $order->state->isOpen() ? ($needed?->missing(
                array_values($open->map(
                    static fn (OrderIsolation $one): array => [(string) $one->permit, $one->standing()],
                )->all()),
                $this->words->now(),
            ) ?? []) : [],
        ];
    }
}
