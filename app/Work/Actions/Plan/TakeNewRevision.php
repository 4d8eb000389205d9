<?php

declare(strict_types=1);

namespace App\Work\Actions\Plan;

use App\Planning\Queries\PlannedWork;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\OrderVisit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderWork;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RevisionDifference;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\InvalidInput;

/**
 * Moves an open order up to the revisions in force of its methods. A step that stays the same keeps what was ticked
 * and answered.
 */
final readonly class TakeNewRevision
{
    private const COMPARED = [
        'text',
        'detail',
        'safety',
        'minutes',
        'answer',
        'unit',
        'low',
        'high',
        'choices',
        'asset_id',
    ];

    private const STATE = ['ticked_at', 'ticked_by', 'value', 'verdict', 'reading_id', 'document_id'];

    public function __construct(private OrderMoves $moves, private Audit $audit, private ClaimsOfOrder $claims)
    {
    }

    /** @return int how many steps kept their state */
    public function __invoke(Actor $by, WorkOrder $order): int
    {
        return DB::transaction(function () use ($by, $order): int {
            $order = $this->moves->lock($order);
            if (! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'form',
                    "{$order->label()} is {$order->state->value}; only open orders are moved up.",
                );
            }
            $covered = $order
                ->visits()
                ->with([
                    'visit.schedule.round.stations.asset',
                    'visit.schedule.method.inForce.steps',
                    'visit.schedule.method.inForce.labour',
                    'visit.schedule.method.inForce.parts.part',
                    'visit.schedule.method.inForce.services',
                    'revision',
                ])
                ->get();
            $behind = $covered->filter(
                static fn (OrderVisit $one): bool => $one->revision !== null &&
                    $one->revision->state === RevisionState::Superseded &&
                    $one->visit->schedule->method->inForce !== null,
            );
            $steps = DB::table('order_steps')
                ->where('order_id', $order->id)
                ->orderBy('position')
                ->get()
                ->map(static fn (object $row): array => array_diff_key((array) $row, ['id' => 0]))
                ->all();
            $kept = 0;
            foreach ($behind as $one) {
                $work = PlannedWork::ofVisit($one->visit, $one->visit->schedule->method->inForce);
                [$steps, $same] = $this->exchange(array_values($steps), $one->visit_id, $order->id, $work);
                $kept += $same;
                $this->exchangeLabour($order, $one, $work);
            }
            if ($behind->isNotEmpty()) {
                DB::table('order_steps')->where('order_id', $order->id)->delete();
                DB::table('order_steps')->insert(
                    array_map(
                        static fn (array $step, int $i): array => ['position' => $i + 1] + $step,
                        $steps,
                        array_keys($steps),
                    ),
                );
                $first = $covered->first()?->visit->schedule->method->inForce;
                $order
                    ->fill([
                        'revision_id' => $first->id ?? $order->revision_id,
                        'tools' => $first?->tools,
                        'version' => $order->version + 1,
                    ])
                    ->save();
                $this->claims->keep($order);
                $this->audit->record(
                    $by,
                    $order->subject(),
                    "moved {$order->label()} up to the revision in force",
                    ['steps kept' => [null, $kept]],
                    null,
                    [$order->about()],
                );
            }

            return $kept;
        });
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return array{list<array<string, mixed>>, int} the steps with those of one visit exchanged, and how many
     *     of them kept their state
     */
    private function exchange(array $steps, int $visit, int $order, PlannedWork $work): array
    {
        $compared = static fn (array $step): array => array_map(
            static fn (mixed $value): ?string => $value === null
                ? null
                : (string) ($value instanceof \BackedEnum ? $value->value : $value),
            array_replace(
                array_fill_keys(self::COMPARED, null),
                array_intersect_key($step, array_flip(self::COMPARED)),
            ),
        );
        $old = array_values(array_filter($steps, static fn (array $step): bool => $step['visit_id'] === $visit));
        $kept = RevisionDifference::between(array_map($compared, $old), array_map($compared, $work->steps))->kept();
        $new = [];
        foreach ($work->steps as $i => $step) {
            $state = isset($kept[$i])
                ? array_intersect_key($old[$kept[$i]], array_flip(self::STATE))
                : array_fill_keys(self::STATE, null);
            $new[] = ['order_id' => $order, 'visit_id' => $visit] + $compared($step) + $state;
        }
        $at =
            array_key_first(array_filter($steps, static fn (array $step): bool => $step['visit_id'] === $visit)) ??
            count($steps);
        $others = array_values(array_filter($steps, static fn (array $step): bool => $step['visit_id'] !== $visit));
        array_splice($others, $at, 0, $new);

        return [$others, count($kept)];
    }

    private function exchangeLabour(WorkOrder $order, OrderVisit $one, PlannedWork $work): void
    {
        $order->planned_minutes += $work->minutes - PlannedWork::ofVisit($one->visit, $one->revision)->minutes;
        DB::table('order_labour')->where('order_id', $order->id)->where('visit_id', $one->visit_id)->delete();
        DB::table('order_labour')->insert(
            array_map(
                static fn (array $line): array => ['order_id' => $order->id, 'visit_id' => $one->visit_id] + $line,
                $work->labour,
            ),
        );
        $this->exchangeNeeds($order, $one, $work);
        DB::table('order_visits')
            ->where('id', $one->id)
            ->update(['revision_id' => $work->revision?->id]);
        OrderWork::addPrecautions($order->id, $work);
    }

    /** What was used or agreed already stays as it is. */
    private function exchangeNeeds(WorkOrder $order, OrderVisit $one, PlannedWork $work): void
    {
        $used = DB::table('part_uses')->where('order_id', $order->id)->whereNotNull('line_id')->pluck('line_id');
        DB::table('order_parts')
            ->where('order_id', $order->id)
            ->where('visit_id', $one->visit_id)
            ->whereNotIn('id', $used)
            ->delete();
        DB::table('order_services')
            ->where('order_id', $order->id)
            ->where('visit_id', $one->visit_id)
            ->whereNull('agreed_on')
            ->delete();
        OrderWork::insertNeeds([[$order->id, $one->visit_id, $work]]);
    }
}
