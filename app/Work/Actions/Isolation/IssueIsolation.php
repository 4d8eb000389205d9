<?php

declare(strict_types=1);

namespace App\Work\Actions\Isolation;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Isolations\Workers;
use App\Work\Models\IsolationEvent;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Orders\Numbers;
use App\Work\Orders\OrderMoves;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Isolation\Isolation;

/**
 * Issues the isolation of a machine for an order, or a permit for its work, by somebody who does not work on it: its
 * points are locked, its demands are met.
 */
final readonly class IssueIsolation
{
    public function __construct(private OrderMoves $moves, private Workers $workers, private Audit $audit)
    {
    }

    /**
     * @param  list<string>  $points  what is locked, or what a permit demands
     * @param  string|null  $permit  its kind; null: an isolation
     * @param  int|null  $on  an asset that the order's stands inside of; null: the order's own
     */
    public function __invoke(
        Actor $by,
        WorkOrder $order,
        array $points,
        DateTimeImmutable $until,
        ?string $permit = null,
        ?int $on = null,
    ): OrderIsolation {
        return DB::transaction(function () use ($by, $order, $points, $until, $permit, $on): OrderIsolation {
            $order = $this->moves->lock($order);
            if (! $order->state->isOpen() || $order->asset_id === null) {
                throw InvalidInput::because(
                    'wrong_state',
                    'isolation',
                    'An isolation is issued for an open order on an asset.',
                );
            }
            if ($points === []) {
                throw InvalidInput::because('no_points', 'points', 'Say what is locked, a line for each point.');
            }
            $now = new DateTimeImmutable($this->moves->now(), new DateTimeZone('UTC'));
            $issued = Isolation::issue((int) $by->id, $this->workers->of($order), $until, $now);
            $isolation = OrderIsolation::query()->create([
                'site_id' => $order->site_id,
                'number' => Numbers::take('isolations'),
                'asset_id' => $on ?? $order->asset_id,
                'permit' => $permit,
                'points' => implode("\n", $points),
                'state' => $issued->state,
                'valid_until' => $until->format('Y-m-d H:i:s'),
                'issued_at' => $this->moves->now(),
                'issued_by' => $by->id,
                'issued_who' => $by->name,
            ]);
            $isolation->orders()->attach($order->id);
            IsolationEvent::query()->create([
                'isolation_id' => $isolation->id,
                'did' => 'issued',
                'user_id' => $by->id,
                'who' => $by->name,
                'at' => $this->moves->now(),
            ]);
            $this->audit->record(
                $by,
                $order->subject(),
                $permit === null
                    ? "issued the isolation {$isolation->label()}"
                    : "issued the permit {$isolation->label()}, {$permit}",
                [],
                implode('; ', $points),
                [$order->about()],
            );

            return $isolation;
        });
    }
}
