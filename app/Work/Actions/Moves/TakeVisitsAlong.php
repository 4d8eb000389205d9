<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\TakeVisitsInHand;
use App\Planning\Models\Schedule;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\PlannedWork;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\MakeOrders;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\OrderWork;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Schedule\LeftBecause;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/**
 * Takes the next visits of other schedules into an open order: their steps, labour and precautions are added, and
 * each schedule counts on by its own rule.
 */
final readonly class TakeVisitsAlong
{
    public function __construct(
        private TakeVisitsInHand $takeInHand,
        private LadderOf $ladders,
        private SiteDays $days,
        private OrderMoves $moves,
        private Audit $audit,
        private ClaimsOfOrder $claims,
    ) {
    }

    /** @param  list<int>  $scheduleIds */
    public function __invoke(Actor $by, WorkOrder $order, array $scheduleIds): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $scheduleIds): WorkOrder {
            $order = $this->moves->lock($order);
            if (! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'schedules',
                    "{$order->label()} is {$order->state->value}; only an open order takes visits along.",
                );
            }
            $schedules = Schedule::query()
                ->where('site_id', $order->site_id)
                ->whereIn('id', $scheduleIds)
                ->whereNull('round_id')
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->load(MakeOrders::LOADED);
            if ($schedules->isEmpty()) {
                throw InvalidInput::because('none', 'schedules', 'Choose at least one visit to take along.');
            }
            $today = $this->days->today($order->site_id);
            foreach ($schedules as $schedule) {
                $because = $schedule->releaseDecision($today)->because;
                if ($because !== null && $because !== LeftBecause::LeadNotCome) {
                    throw InvalidInput::because(
                        'not_now',
                        'schedules',
                        "{$schedule->name} on {$schedule->asset->tag} cannot be taken along: {$because->value}".
                            ($schedule->standing->in_hand === null ? '.' : " {$schedule->standing->in_hand}."),
                    );
                }
                $this->take($order, $schedule);
            }
            // What a schedule asks for was approved with it: the next change is measured from here.
            $order->approved_plan = $order->grown === null ? null : $order->approved_plan;
            $order->version++;
            $order->save();
            $this->claims->keep($order);
            $names = $schedules
                ->map(static fn (Schedule $schedule): string => "{$schedule->name} on {$schedule->asset->tag}")
                ->implode(', ');
            $this->audit->record($by, $order->subject(), "took along into {$order->label()}: {$names}", [], null, [
                $order->about(),
                ...$schedules->map(static fn (Schedule $schedule) => $schedule->subject())->all(),
            ]);

            return $order;
        });
    }

    private function take(WorkOrder $order, Schedule $schedule): void
    {
        $level = $this->ladders->next($schedule);
        $work = PlannedWork::ofNext($schedule, $level);
        $visits = ($this->takeInHand)([
            [$schedule, $order->label(), $this->ladders->method($schedule->method_id) === null ? null : $level],
        ]);
        $last = (int) DB::table('order_steps')->where('order_id', $order->id)->max('position');
        OrderWork::insert(
            [[$order->id, $visits[$schedule->id], $work]],
            $last,
            array_values(
                DB::table('order_precautions')
                    ->where('order_id', $order->id)
                    ->orderBy('position')
                    ->pluck('text')
                    ->all(),
            ),
        );
        OrderRows::addAssets($order->id, $schedule->asset_id);
        $order->planned_minutes += $work->minutes;
        $order->tools = TextLines::merged($order->tools, $work->revision?->tools);
    }
}
