<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\CompleteVisit;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Actions\TakeReading;
use App\Register\Models\Meter;
use App\Work\Isolations\Locks;
use App\Work\Models\WorkOrder;
use App\Work\Orders\FinishQuestion;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\RowsFinished;
use App\Work\Projections\FailureOfOrder;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishAnswer;
use Sundial\Work\FinishTime;
use Sundial\Work\OrderMove;

/**
 * Finishes the work: the order is done, its visits are completed on the day of the actual finish, and their schedules
 * count on.
 */
final readonly class FinishWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private CompleteVisit $complete,
        private TakeReading $read,
        private Clock $clock,
        private SiteDays $sites,
        private FinishQuestion $question,
        private Locks $locks,
        private FailureOfOrder $failures,
    ) {
    }

    /**
     * @param  array<int, array{shown: string, turn?: string, old_final?: string|null}>  $readings what the meters
     *     showed, by meter
     * @return array{WorkOrder, list<Schedule>} the order, and the schedules that counted on
     */
    public function __invoke(
        Actor $by,
        WorkOrder $order,
        DateTimeImmutable $at,
        ?string $finding = null,
        array $readings = [],
        FinishAnswer $answer = FinishAnswer::ItIsRight,
    ): array {
        return DB::transaction(function () use ($by, $order, $at, $finding, $readings, $answer): array {
            $order = $this->moves->lock($order);
            FinishTime::check($at, $this->clock->now());
            $this->locks->checkFinish($order);
            $this->question->ask($order, $at, $answer);
            $order = $this->moves->make($by, $order, OrderMove::Finish, 'finished', $finding, [
                'finished_at' => $at->format('Y-m-d H:i:s.u'),
                'started_at' => min($order->started_at ?? '9', $at->format('Y-m-d H:i:s.u')),
                'finding' => $finding,
            ]);
            $this->takeReadings($by, $order, $at, $readings);
            $this->failures->keep($order);
            $day = $this->sites->site($order->site_id)->dayOf($at);
            $schedules = [];
            $days = RowsFinished::with($by, $order, $day);
            foreach ($order->visits()->with('visit.schedule')->get() as $covered) {
                $on = RowsFinished::dayOf($covered->visit->schedule, $days);
                $schedules[] = ($this->complete)($covered->visit, $on, null, $on->is($day) ? $at : null);
            }

            return [$order, $schedules];
        });
    }

    /** @param  array<int, array{shown: string, turn?: string, old_final?: string|null}>  $readings */
    private function takeReadings(Actor $by, WorkOrder $order, DateTimeImmutable $at, array $readings): void
    {
        foreach ($readings as $id => $given) {
            $meter = Meter::query()->where('site_id', $order->site_id)->findOrFail($id);
            try {
                ($this->read)(
                    $by,
                    $meter,
                    $given['shown'],
                    $at,
                    $given['turn'] ?? '',
                    $given['old_final'] ?? null,
                    null,
                    "order {$order->label()}",
                    $order->subject(),
                );
            } catch (InvalidInput $e) {
                throw InvalidInput::because($e->cause(), "readings.{$id}", $e->getMessage(), $given['shown']);
            }
        }
    }
}
