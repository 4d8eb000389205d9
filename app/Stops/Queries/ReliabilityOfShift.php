<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

/** How reliable a line was in one of its shifts, and while each product was made in it. */
final readonly class ReliabilityOfShift
{
    /**
     * @param  Span  $period  what is looked at
     * @param  Collection<int, stdClass>  $stops
     * @return list<array{int|null, Reliability}> of the shift, and of each product that was made in it
     */
    public static function of(ShiftRecord $record, Span $period, Collection $stops, int $now): array
    {
        $stood = array_values($stops->map(static fn (stdClass $one): StoppedFor => StoppedFor::ofKind(
            $one->kind === null ? null : StopKind::from($one->kind),
            ShiftRecord::second($one->from_at),
            $one->to_at === null ? null : ShiftRecord::second($one->to_at),
            $now,
        ))->all());
        $wanted = [[null, SpanSet::of($record->span())]];
        foreach ($record->runs->groupBy('product_id') as $productId => $runs) {
            $spans = $runs->map(static fn (ProductRun $run): Span => $run->span())->values()->all();
            $wanted[] = [(int) $productId, SpanSet::of(...$spans)];
        }

        return array_map(static fn (array $one): array => [
            $one[0],
            Reliability::begunIn($period, $one[1]->within($period), ...$stood),
        ], $wanted);
    }
}
