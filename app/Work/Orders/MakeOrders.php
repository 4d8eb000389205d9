<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Actions\TakeVisitsInHand;
use App\Planning\Models\Schedule;
use App\Planning\Queries\LadderOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\ReleaseBatch;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;

/** Makes an order for the next visit of each of some schedules, with few statements for many. The caller holds the schedules' rows and has decided. */
final readonly class MakeOrders
{
    public function __construct(private Audit $audit, private TakeVisitsInHand $takeInHand, private OrderMoves $moves, private LadderOf $ladders)
    {
    }

    /** @param  non-empty-list<Schedule>  $schedules */
    public function __invoke(Actor $by, ReleaseBatch $batch, array $schedules): void
    {
        $first = $this->takeNumbers(count($schedules));
        $now = $this->moves->now();
        $levels = array_map($this->ladders->next(...), $schedules);
        DB::table('work_orders')->insert(array_map(fn (Schedule $schedule, int $i): array => $this->order($schedule, $batch->id, $first + $i, $levels[$i]) + ['created_at' => $now, 'updated_at' => $now], $schedules, array_keys($schedules)));
        $ids = DB::table('work_orders')->whereBetween('number', [$first, $first + count($schedules) - 1])->orderBy('number')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
        $steps = $labour = $taken = [];
        foreach ($schedules as $i => $schedule) {
            $revision = $schedule->method->inForce;
            foreach ($revision?->steps->where('level', '<=', $levels[$i])->values() ?? [] as $position => $step) {
                $steps[] = ['order_id' => $ids[$i], 'position' => $position + 1] + $step->only(['text', 'detail', 'safety', 'minutes']);
            }
            // What the levels add for one trade is one line, as long as the same number of people do it.
            foreach ($revision?->labour->where('level', '<=', $levels[$i])->groupBy(static fn ($line): string => "{$line->trade_id} {$line->people}") ?? [] as $lines) {
                $labour[] = ['order_id' => $ids[$i], 'minutes' => $lines->sum('minutes')] + $lines[0]->only(['trade_id', 'people']);
            }
            $taken[] = [$schedule, 'W-'.($first + $i), $this->ladders->method($schedule->method_id) === null ? null : $levels[$i]];
        }
        DB::table('order_steps')->insert($steps);
        DB::table('order_labour')->insert($labour);
        $visits = ($this->takeInHand)($taken);
        DB::table('order_visits')->insert(array_map(static fn (Schedule $schedule, int $order): array => ['order_id' => $order, 'visit_id' => $visits[$schedule->id]], $schedules, $ids));
        $this->moves->countOpen(...array_map(static fn (Schedule $schedule): int => $schedule->asset_id, $schedules));
        $this->audit->recordMany($by, array_map(static fn (Schedule $schedule, int $i): array => [Subject::of('order', $ids[$i], $schedule->site_id), 'released W-'.($first + $i)." for visit {$schedule->next_number} of {$schedule->name}", [$schedule->asset->subject(), $schedule->subject()]], $schedules, array_keys($schedules)));
    }

    /** @return array<string, mixed> the order of the next visit, as its method in force plans it */
    private function order(Schedule $schedule, int $batch, int $number, int $level): array
    {
        $revision = $schedule->method->inForce;
        $ladder = $this->ladders->method($schedule->method_id);
        $labour = $revision?->labour->where('level', '<=', $level);

        return [
            'site_id' => $schedule->site_id, 'number' => $number, 'title' => mb_substr($schedule->name.($ladder === null ? '' : ", {$ladder->name($level)}"), 0, 120), 'type' => $revision->order_type ?? 'preventive', 'priority' => $revision->priority ?? 'routine',
            'state' => ($schedule->approve_at_once ? OrderState::Approved : OrderState::Planned)->value, 'asset_id' => $schedule->asset_id, 'revision_id' => $revision?->id, 'batch_id' => $batch,
            'team_id' => $schedule->team_id ?? $schedule->asset->team_id, 'due_on' => $schedule->next_due_on, 'planned_on' => $schedule->next_due_on,
            'planned_minutes' => $labour?->sum(static fn ($line): int => $line->people * $line->minutes) ?: (int) $revision?->steps->where('level', '<=', $level)->sum('minutes'),
        ];
    }

    /** The first of so many order numbers; their row is locked until the chunk is committed, so that none is given twice. */
    private function takeNumbers(int $count): int
    {
        DB::table('numbers')->insertOrIgnore(['name' => 'orders', 'next' => 1001]);
        $number = (int) DB::table('numbers')->where('name', 'orders')->lockForUpdate()->value('next');
        DB::table('numbers')->where('name', 'orders')->update(['next' => $number + $count]);

        return $number;
    }
}
