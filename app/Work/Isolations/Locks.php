<?php

declare(strict_types=1);

namespace App\Work\Isolations;

use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use App\Work\Queries\PermitsOf;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Isolation\IsolationState;

/** What the locks of an isolation allow: work behind them, and no run of the machine before they are off. */
final readonly class Locks
{
    public function __construct(private PermitsOf $permits)
    {
    }

    /**
     * @throws InvalidInput not_isolated where work rests on what does not protect it now, no_permit where a permit
     *     that it needs was not issued
     */
    public function checkStart(WorkOrder $order, DateTimeImmutable $now): void
    {
        $open = $this->open($order);
        $missing = $this->permits->needed($order->id)->missing(
            array_map(
                static fn (OrderIsolation $one): array => [(string) $one->permit, $one->standing()],
                $open,
            ),
            $now,
        );
        if ($missing !== []) {
            throw InvalidInput::because(
                'no_permit',
                'isolation',
                'No permit for '.implode(' and ', $missing).' holds now. Have it issued before the work starts.',
            );
        }
        foreach ($open as $one) {
            if (! $one->standing()->protects($now)) {
                throw InvalidInput::because(
                    'not_isolated',
                    'isolation',
                    "{$one->label()} is {$one->state->value}".
                        ($one->standing()->isLocked() ? ', and its time has run out.' : '.').
                        ' Have it put in force or extended before anybody works behind it.',
                );
            }
        }
    }

    /** @throws InvalidInput locked where this is the last open order behind locks that are on */
    public function checkFinish(WorkOrder $order): void
    {
        foreach ($this->open($order) as $one) {
            $others = DB::table('isolation_orders as i')
                ->join('work_orders as o', 'o.id', '=', 'i.order_id')
                ->where('i.isolation_id', $one->id)
                ->where('o.id', '<>', $order->id)
                ->whereIn('o.state', OpenStates::VALUES)
                ->exists();
            if (! $others) {
                throw InvalidInput::because(
                    'locked',
                    'isolation',
                    $one->permit === null
                        ? "{$one->label()} is not lifted yet. Take the locks off first: then the work is done."
                        : "The permit {$one->label()} is not handed back yet. Hand it back: then the work is done.",
                );
            }
        }
    }

    /** @throws InvalidInput locked where locks of the asset are on */
    public function checkRun(int $assetId): void
    {
        $one = OrderIsolation::query()
            ->where('asset_id', $assetId)
            ->where('state', IsolationState::InForce)
            ->whereNull('permit')
            ->first();
        if ($one !== null) {
            throw InvalidInput::because(
                'locked',
                'down',
                "Its locks are on, by {$one->label()} of {$one->issued_who}. Take them off before it runs.",
            );
        }
    }

    /** @return list<OrderIsolation> that are not lifted */
    private function open(WorkOrder $order): array
    {
        return array_values(
            OrderIsolation::query()
                ->whereIn('id', DB::table('isolation_orders')->where('order_id', $order->id)->select('isolation_id'))
                ->where('state', '<>', IsolationState::Lifted)
                ->lockForUpdate()
                ->get()
                ->all(),
        );
    }
}
