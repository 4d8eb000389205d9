<?php

declare(strict_types=1);

namespace App\Work\Actions\Isolation;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\IsolationEvent;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Isolation\IsolationMove;

/** Takes locks off for a test run, puts them on again, extends an isolation, or takes its locks off for good. */
final readonly class MoveIsolation
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        OrderIsolation $isolation,
        IsolationMove $move,
        ?DateTimeImmutable $until = null,
    ): OrderIsolation {
        return DB::transaction(function () use ($by, $isolation, $move, $until): OrderIsolation {
            $isolation = OrderIsolation::query()->lockForUpdate()->findOrFail($isolation->id);
            $now = new DateTimeImmutable($this->moves->now(), new DateTimeZone('UTC'));
            $next = $isolation->standing()->after($move, $now, $until);
            $isolation->fill([
                'state' => $next->state,
                'valid_until' => $next->validUntil->format('Y-m-d H:i:s'),
                'version' => $isolation->version + 1,
            ])->save();
            IsolationEvent::query()->create([
                'isolation_id' => $isolation->id,
                'did' => $move->did(),
                'user_id' => $by->id,
                'who' => $by->name,
                'at' => $this->moves->now(),
            ]);
            foreach ($isolation->orders as $order) {
                $this->tell($by, $order, $isolation, $move);
            }

            return $isolation;
        });
    }

    private function tell(Actor $by, WorkOrder $order, OrderIsolation $isolation, IsolationMove $move): void
    {
        $this->audit->record(
            $by,
            $order->subject(),
            "{$isolation->label()}: {$move->did()}",
            [],
            null,
            [$order->about()],
        );
    }
}
