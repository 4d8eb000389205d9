<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Planning\Actions\CompleteVisit;
use App\Planning\Actions\TakeBackCompletion;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Work\Models\WorkOrder;
use App\Work\Orders\FinishQuestion;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\FailureOfOrder;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
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
            $order
                ->fill([
                    'finished_at' => $at->format('Y-m-d H:i:s.u'),
                    'started_at' => min((string) $order->started_at, $at->format('Y-m-d H:i:s.u')),
                    'version' => $order->version + 1,
                ])
                ->save();
            $this->failures->keep($order);
            $day = Site::query()->findOrFail($order->site_id)->dayOf($at);
            foreach ($order->visits()->with('visit')->get() as $covered) {
                if (($this->takeBack)($covered->visit, $order->label())) {
                    ($this->complete)($covered->visit->refresh(), $day, null, $at);
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
}
