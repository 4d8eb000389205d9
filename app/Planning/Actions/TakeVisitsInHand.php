<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\AssetNearness;
use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitState;

/**
 * Marks the next visits of schedules as covered by open orders, with few statements for many. The caller holds the
 * schedules' rows.
 */
final readonly class TakeVisitsInHand
{
    public function __construct(private AssetNearness $refresh, private Clock $clock)
    {
    }

    /**
     * @param  non-empty-list<array{Schedule, string, int|null}>  $taken each with the number of the order that
     *     covers it, and the level of its ladder
     * @return array<int, int> ids of the visits by schedule
     */
    public function __invoke(array $taken): array
    {
        return DB::transaction(function () use ($taken): array {
            $now = $this->clock->now()->format('Y-m-d H:i:s.u');
            $rows = array_map(
                static fn (array $one): array => [
                    'schedule_id' => $one[0]->id,
                    'number' => $one[0]->standing->next_number,
                    'point_on' => $one[0]->standing->next_point_on,
                    'planned_on' => $one[0]->standing->next_due_on,
                    'leading' => $one[0]->standing->leading->value,
                    'expected' => $one[0]->standing->expected,
                    'due_total' => $one[0]->standing->usage_due,
                    'reading_id' => $one[0]->standing->leading === Leading::Condition
                        ? $one[0]->standing->condition_reading_id
                        : null,
                    'state' => VisitState::InHand,
                    'label' => $one[1],
                    'level' => $one[2],
                    'note' => null,
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
                $taken,
            );
            $pairs = DB::table('visits')->where(static function ($any) use ($rows): void {
                foreach ($rows as $row) {
                    $any->orWhere(
                        static fn ($one) => $one
                            ->where('schedule_id', $row['schedule_id'])
                            ->where('number', $row['number']),
                    );
                }
            });
            // A visit that was given back is taken again under its number; any other that stands there already must
            // not be overwritten.
            $standing = (clone $pairs)->pluck('state', 'schedule_id');
            $isGivenBack = static fn (array $row): bool => ($standing[$row['schedule_id']] ?? null) ===
                VisitState::GivenBack->value;
            $again = array_filter($rows, $isGivenBack);
            $new = array_filter($rows, static fn (array $row): bool => ! $isGivenBack($row));
            foreach ($again as $row) {
                DB::table('visits')
                    ->where('schedule_id', $row['schedule_id'])
                    ->where('number', $row['number'])
                    ->update($row);
            }
            DB::table('visits')->insert(array_values($new));
            DB::table('schedule_standings as s')
                ->join(
                    'visits as v',
                    static fn ($on) => $on->on('v.schedule_id', 's.schedule_id')->on('v.number', 's.next_number'),
                )
                ->whereIn('s.schedule_id', array_column($rows, 'schedule_id'))
                ->update([
                    's.visit_id' => DB::raw('v.id'),
                    's.in_hand' => DB::raw('v.label'),
                    's.nearness' => Nearness::InHand->value,
                    's.nearness_changes_on' => null,
                ]);
            ($this->refresh)(...array_map(static fn (array $one): int => $one[0]->asset_id, $taken));

            return $pairs->pluck('id', 'schedule_id')->map(static fn (mixed $id): int => (int) $id)->all();
        });
    }
}
