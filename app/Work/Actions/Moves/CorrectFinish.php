<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\CompleteVisit;
use App\Planning\Actions\TakeBackCompletion;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\FinishQuestion;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\RowsFinished;
use App\Work\Projections\FailureOfOrder;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishAnswer;
use Sundial\Work\FinishTime;
use Sundial\Work\OrderState;

/** Corrects when an order was finished, as long as it is not closed; its schedules count on from the corrected day. */
final readonly class CorrectFinish
{
    public function __construct(
        private OrderMoves $moves,
        private TakeBackCompletion $takeBack,
        private CompleteVisit $complete,
        private Clock $clock,
        private Audit $audit,
        private FinishQuestion $question,
        private FailureOfOrder $failures,
        private SiteDays $days,
    ) {
    }

    public function __invoke(
        Actor $by,
        WorkOrder $order,
        DateTimeImmutable $at,
        FinishAnswer $answer = FinishAnswer::ItIsRight,
    ): WorkOrder {
        return DB::transaction(function () use ($by, $order, $at, $answer): WorkOrder {
            $order = $this->moves->lock($order);
            if ($order->state !== OrderState::Done) {
                throw InvalidInput::because(
                    'wrong_state',
                    'finished_at',
                    "The finish can be corrected while an order is done; this one is {$order->state->value}.",
                );
            }
            FinishTime::check($at, $this->clock->now());
            $this->question->ask($order, $at, $answer);
            $old = $order->finished_at;
            if ($old === $at->format('Y-m-d H:i:s.u')) {
                return $order;
            }
            $order
                ->fill([
                    'finished_at' => $at->format('Y-m-d H:i:s.u'),
                    'started_at' => min((string) $order->started_at, $at->format('Y-m-d H:i:s.u')),
                    'version' => $order->version + 1,
                ])
                ->save();
            $this->failures->keep($order);
            $day = $this->dayOf($order, $at->format('Y-m-d H:i:s.u'));
            RowsFinished::back($order, $this->dayOf($order, (string) $old));
            $days = RowsFinished::with($by, $order, $day);
            foreach ($order->visits()->with('visit.schedule')->get() as $covered) {
                if (($this->takeBack)($covered->visit, $order->label())) {
                    $on = RowsFinished::dayOf($covered->visit->schedule, $days);
                    ($this->complete)($covered->visit->refresh(), $on, null, $on->is($day) ? $at : null);
                }
            }
            $this->audit->record(
                $by,
                $order->subject(),
                "corrected the finish of {$order->label()}",
                ['finished_at' => [$old, $order->finished_at]],
                null,
                [$order->about()],
            );

            return $order;
        });
    }

    private function dayOf(WorkOrder $order, string $instant): LocalDate
    {
        return $this->days->site($order->site_id)->dayOf(new DateTimeImmutable($instant, new DateTimeZone('UTC')));
    }
}
