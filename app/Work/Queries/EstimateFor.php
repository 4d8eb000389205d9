<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\Estimate;

/** What closed orders of one method on one asset took that are like the asked one; the newest 200 of each kind. */
final class EstimateFor
{
    private const MOST = 200;

    /** Of one method, the last so many are looked through for those that are like it. */
    private const LOOKED_AT = 2000;

    public function __invoke(?int $methodId, ?int $level, ?int $classId, ?string $type): ?Estimate
    {
        return Estimate::from($this->samples($methodId, $level, $classId, $type));
    }

    /**
     * @return Generator<string, list<int>> the most alike first, each asked for only when the one before was too
     *     few
     */
    private function samples(?int $methodId, ?int $level, ?int $classId, ?string $type): Generator
    {
        if ($methodId !== null) {
            $same = 'the same method'.($level === null ? '' : ' and level');
            if ($classId !== null) {
                yield "{$same} on the same class" => $this->minutes(
                    $this->ofMethod($methodId, $level)->where('a.class_id', $classId),
                );
            }
            yield $same => $this->minutes($this->ofMethod($methodId, $level));
        }
        if ($type !== null) {
            if ($classId !== null) {
                yield "{$type} work on the same class" => $this->minutes(
                    $this->ofType($type)->where('a.class_id', $classId),
                );
            }
            yield "{$type} work" => $this->minutes($this->ofType($type));
        }
    }

    private function ofType(string $type): Builder
    {
        return $this->last(DB::table('work_orders')->where('type', $type));
    }

    private function ofMethod(int $methodId, ?int $level): Builder
    {
        $revisions = DB::table('method_revisions')->where('method_id', $methodId)->pluck('id');

        return $this->last(DB::table('work_orders')->whereIn('revision_id', $revisions))
            ->whereRaw('v.level <=> ?', [$level]);
    }

    /** What was done a thousand times is looked at from its end. */
    private function last(Builder $orders): Builder
    {
        $last = $orders->where('state', 'closed')->orderByDesc('id')->limit(self::LOOKED_AT)->select('id');

        return $this->closed()->joinSub($last, 'l', 'l.id', '=', 'w.id');
    }

    /** Closed orders of one visit at most, on one asset. */
    private function closed(): Builder
    {
        return DB::table('work_orders as w')
            ->leftJoin('assets as a', 'a.id', '=', 'w.asset_id')
            ->leftJoin('order_visits as o', 'o.order_id', '=', 'w.id')
            ->leftJoin('visits as v', 'v.id', '=', 'o.visit_id')
            ->where('w.state', 'closed')
            ->whereNotExists(
                static fn (Builder $several) => $several
                    ->from('order_assets')
                    ->whereColumn('order_id', 'w.id')
                    ->where('position', '>', 1)
                    ->selectRaw('1'),
            )
            ->whereNotExists(
                static fn (Builder $second) => $second
                    ->from('order_visits as p')
                    ->whereColumn('p.order_id', 'w.id')
                    ->whereColumn('p.id', '<>', 'o.id')
                    ->selectRaw('1'),
            );
    }

    /** @return list<int> */
    private function minutes(Builder $orders): array
    {
        $newest = $orders->orderByDesc('w.id')->limit(self::MOST)->select('w.id');

        return array_values(
            DB::table('bookings as b')
                ->joinSub($newest, 'n', 'n.id', '=', 'b.order_id')
                ->leftJoin('booking_strikes as s', 's.booking_id', '=', 'b.id')
                ->whereNull('s.booking_id')
                ->groupBy('b.order_id')
                ->selectRaw('SUM(b.minutes) as minutes')
                ->pluck('minutes')
                ->map(static fn (mixed $minutes): int => (int) $minutes)
                ->filter(static fn (int $minutes): bool => $minutes > 0)
                ->values()
                ->all(),
        );
    }
}
