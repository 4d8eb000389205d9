<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Actions\TakeVisitsInHand;
use App\Planning\Methods\Hands;
use App\Planning\Models\Schedule;
use App\Planning\Queries\HandsOf;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlannedWork;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\ReleaseBatch;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;

/**
 * Makes an order for the next visit of each of some schedules, with few statements for many. The caller holds the
 * schedules' rows and has decided.
 */
final readonly class MakeOrders
{
    /** What a release needs loaded with its schedules. */
    public const LOADED = [
        'asset',
        'method.inForce.steps',
        'method.inForce.labour',
        'method.inForce.parts.part',
        'method.inForce.services',
        'round.stations.asset',
    ];

    public function __construct(
        private Audit $audit,
        private TakeVisitsInHand $takeInHand,
        private OrderMoves $moves,
        private LadderOf $ladders,
        private OrderTypes $types,
        private HandsOf $hands,
        private ClaimsOfOrder $claims,
    ) {
    }

    /** @param  non-empty-list<Schedule>  $schedules */
    public function __invoke(Actor $by, ReleaseBatch $batch, array $schedules): void
    {
        $first = Numbers::take('orders', count($schedules));
        $now = $this->moves->now();
        $levels = array_map($this->ladders->next(...), $schedules);
        $works = array_map(PlannedWork::ofNext(...), $schedules, $levels);
        $hands = $this->hands->methods($batch->site_id, ...array_map(
            static fn (Schedule $one): int => $one->method_id,
            $schedules,
        ));
        DB::table('work_orders')->insert(
            array_map(
                fn (Schedule $schedule, int $i): array => $this->order(
                    $schedule,
                    $works[$i],
                    $batch->id,
                    $first + $i,
                    $levels[$i],
                    $hands[(int) $schedule->method_id] ?? null,
                ) + ['created_at' => $now, 'updated_at' => $now, 'since_at' => $now],
                $schedules,
                array_keys($schedules),
            ),
        );
        $ids = DB::table('work_orders')
            ->whereBetween('number', [$first, $first + count($schedules) - 1])
            ->orderBy('number')
            ->pluck('id')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all();
        $this->beginSpans($schedules, $ids, $now);
        $visits = ($this->takeInHand)(
            array_map(
                fn (Schedule $schedule, int $i): array => [
                    $schedule,
                    'W-'.($first + $i),
                    $this->ladders->method($schedule->method_id) === null ? null : $levels[$i],
                ],
                $schedules,
                array_keys($schedules),
            ),
        );
        OrderWork::insert(
            array_map(
                static fn (Schedule $schedule, int $i): array => [$ids[$i], $visits[$schedule->id], $works[$i]],
                $schedules,
                array_keys($schedules),
            ),
        );
        DB::table('order_assets')->insertOrIgnore(
            array_map(
                static fn (Schedule $schedule, int $i): array => [
                    'order_id' => $ids[$i],
                    'asset_id' => $schedule->asset_id,
                    'position' => 1,
                ],
                array_filter($schedules, static fn (Schedule $one): bool => $one->round_id === null),
                array_keys(array_filter($schedules, static fn (Schedule $one): bool => $one->round_id === null)),
            ),
        );
        $this->moves->countOpen(
            ...array_map(static fn (Schedule $schedule): int => $schedule->asset_id, $schedules),
            ...array_merge(...array_map(static fn (PlannedWork $work): array => $work->assets, $works)),
        );
        $this->claims->keepMany(...$ids);
        $this->audit->recordMany(
            $by,
            array_map(
                static fn (Schedule $schedule, int $i): array => [
                    Subject::of('order', $ids[$i], $schedule->site_id),
                    'released W-'.($first + $i)." for visit {$schedule->standing->next_number} of {$schedule->name}",
                    [$schedule->asset->subject(), $schedule->subject()],
                ],
                $schedules,
                array_keys($schedules),
            ),
        );
    }

    /** @return array<string, mixed> the order of the next visit, as its method in force plans it */
    private function order(
        Schedule $schedule,
        PlannedWork $work,
        int $batch,
        int $number,
        int $level,
        ?Hands $hands,
    ): array {
        $revision = $work->revision;
        $ladder = $this->ladders->method($schedule->method_id);
        $type = $revision === null ? OrderType::preventive() : $this->types->named($revision->order_type);

        return [
            'site_id' => $schedule->site_id,
            'number' => $number,
            'title' => mb_substr($schedule->name.($ladder === null ? '' : ", {$ladder->name($level)}"), 0, 120),
            'type' => $type->name,
            'kind' => $type->kind->value,
            'priority' => $revision->priority ?? 'routine',
            'state' => ($schedule->approve_at_once ? OrderState::Approved : OrderState::Planned)->value,
            'asset_id' => $schedule->asset_id,
            'revision_id' => $revision?->id,
            'batch_id' => $batch,
            'team_id' => $schedule->team_id ?? $hands->teamId ?? $schedule->asset->team_id,
            'assignee_id' => $hands?->personId,
            'due_on' => $schedule->standing->next_due_on,
            'planned_on' => $schedule->standing->next_due_on,
            'planned_minutes' => $work->minutes,
            'tools' => $revision?->tools,
        ];
    }

    /**
     * @param  non-empty-list<Schedule>  $schedules
     * @param  array<int>  $ids  of the orders, in the order of their schedules
     */
    private function beginSpans(array $schedules, array $ids, string $now): void
    {
        foreach ([true, false] as $atOnce) {
            $some = array_keys(
                array_filter($schedules, static fn (Schedule $one): bool => $one->approve_at_once === $atOnce),
            );
            Spans::begin(
                $atOnce ? OrderState::Approved : OrderState::Planned,
                $now,
                ...array_values(array_map(static fn (int $i): int => $ids[$i], $some)),
            );
        }
    }
}
