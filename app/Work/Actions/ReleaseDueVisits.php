<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Planning\Actions\RollOutlookOn;
use App\Planning\Actions\TakeVisitsInHand;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\ReleasePreview;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderState;

/**
 * Makes an order for every visit of a site whose lead has come. Harmless when run twice, at the same moment, or after being killed half-way:
 * it works in chunks, locks each schedule before it decides, and the pair of schedule and visit number is unique in the database.
 */
final readonly class ReleaseDueVisits
{
    private const CHUNK = 50;

    public function __construct(private Clock $clock, private Audit $audit, private ReleasePreview $preview, private TakeVisitsInHand $takeInHand, private RollOutlookOn $rollOn, private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, Site $site): ReleaseBatch
    {
        $site = Site::query()->with('restDays')->findOrFail($site->id);
        $today = $site->dayOf($this->clock->now());
        $batch = ReleaseBatch::query()->create(['site_id' => $site->id, 'on_day' => (string) $today, 'user_id' => $by->id, 'who' => $by->name, 'began_at' => $this->moves->now()]);
        ($this->rollOn)($site);
        foreach (array_chunk($this->candidates($site, $today), self::CHUNK) as $ids) {
            DB::transaction(fn () => $this->releaseChunk($by, $batch, $today, $ids), 3);
        }
        DB::transaction(function () use ($by, $batch, $site, $today): void {
            $left = array_map(static fn (array $line): array => ['schedule' => $line['schedule']->id, 'name' => $line['schedule']->name, 'tag' => $line['schedule']->asset->tag, 'because' => $line['because']->value], ($this->preview)($site, $today)['left']);
            $batch->fill(['made' => WorkOrder::query()->where('batch_id', $batch->id)->count(), 'ended_at' => $this->moves->now(), 'left_alone' => $left])->save();
            Site::query()->whereKey($site->id)->update(['last_released_on' => (string) $today]);
            $this->audit->record($by, Subject::of('site', $site->id, $site->id), "released {$batch->made} orders");
        });

        return $batch;
    }

    /** @return list<int> */
    private function candidates(Site $site, LocalDate $today): array
    {
        return Schedule::query()->where('site_id', $site->id)->where('release_on', '<=', (string) $today)->whereNull('in_hand')->where('ended', false)->whereNull('held_from')
            ->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
    }

    /** @param  list<int>  $ids */
    private function releaseChunk(Actor $by, ReleaseBatch $batch, LocalDate $today, array $ids): void
    {
        $schedules = Schedule::query()->whereIn('id', $ids)->orderBy('id')->lockForUpdate()->get()->load(['asset', 'method.inForce.steps', 'method.inForce.labour']);
        $due = $schedules->filter(fn (Schedule $schedule): bool => $this->preview->decide($schedule, $today)->releases())->values()->all();
        if ($due !== []) {
            $this->makeOrders($by, $batch, $due);
        }
    }

    /** @param  non-empty-list<Schedule>  $schedules */
    private function makeOrders(Actor $by, ReleaseBatch $batch, array $schedules): void
    {
        $first = $this->takeNumbers(count($schedules));
        $now = $this->moves->now();
        DB::table('work_orders')->insert(array_map(static fn (Schedule $schedule, int $i): array => self::order($schedule, $batch->id, $first + $i) + ['created_at' => $now, 'updated_at' => $now], $schedules, array_keys($schedules)));
        $ids = DB::table('work_orders')->whereBetween('number', [$first, $first + count($schedules) - 1])->orderBy('number')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
        $steps = $labour = $taken = [];
        foreach ($schedules as $i => $schedule) {
            $revision = $schedule->method->inForce;
            foreach ($revision->steps ?? [] as $step) {
                $steps[] = ['order_id' => $ids[$i]] + $step->only(['position', 'text', 'detail', 'safety', 'minutes']);
            }
            foreach ($revision->labour ?? [] as $line) {
                $labour[] = ['order_id' => $ids[$i]] + $line->only(['trade_id', 'people', 'minutes']);
            }
            $taken[] = [$schedule, 'W-'.($first + $i)];
        }
        DB::table('order_steps')->insert($steps);
        DB::table('order_labour')->insert($labour);
        $visits = ($this->takeInHand)($taken);
        DB::table('order_visits')->insert(array_map(static fn (Schedule $schedule, int $order): array => ['order_id' => $order, 'visit_id' => $visits[$schedule->id]], $schedules, $ids));
        $this->moves->countOpen(...array_map(static fn (Schedule $schedule): int => $schedule->asset_id, $schedules));
        $this->audit->recordMany($by, array_map(static fn (Schedule $schedule, int $i): array => [Subject::of('order', $ids[$i], $schedule->site_id), 'released W-'.($first + $i)." for visit {$schedule->next_number} of {$schedule->name}", [$schedule->asset->subject(), $schedule->subject()]], $schedules, array_keys($schedules)));
    }

    /** @return array<string, mixed> the order of the next visit, as its method in force plans it */
    private static function order(Schedule $schedule, int $batch, int $number): array
    {
        $revision = $schedule->method->inForce;

        return [
            'site_id' => $schedule->site_id, 'number' => $number, 'title' => $schedule->name, 'type' => $revision->order_type ?? 'preventive', 'priority' => $revision->priority ?? 'routine',
            'state' => ($schedule->approve_at_once ? OrderState::Approved : OrderState::Planned)->value, 'asset_id' => $schedule->asset_id, 'revision_id' => $revision?->id, 'batch_id' => $batch,
            'team_id' => $schedule->team_id ?? $schedule->asset->team_id, 'due_on' => $schedule->next_due_on, 'planned_on' => $schedule->next_due_on,
            'planned_minutes' => $revision?->labour->sum(static fn ($line): int => $line->people * $line->minutes) ?: (int) $revision?->steps->sum('minutes'),
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
