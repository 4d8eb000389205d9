<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\AssetNearness;
use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\Nearness;

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
                    'number' => $one[0]->next_number,
                    'point_on' => $one[0]->next_point_on,
                    'planned_on' => $one[0]->next_due_on,
                    'leading' => $one[0]->leading,
                    'expected' => $one[0]->expected,
                    'due_total' => $one[0]->usage_due,
                    'reading_id' => $one[0]->leading === 'condition' ? $one[0]->condition_reading_id : null,
                    'state' => Visit::IN_HAND,
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
            [$again, $new] = [
                array_filter(
                    $rows,
                    static fn (array $row): bool => ($standing[$row['schedule_id']] ?? null) === Visit::GIVEN_BACK,
                ),
                array_filter(
                    $rows,
                    static fn (array $row): bool => ($standing[$row['schedule_id']] ?? null) !== Visit::GIVEN_BACK,
                ),
            ];
            foreach ($again as $row) {
                DB::table('visits')
                    ->where('schedule_id', $row['schedule_id'])
                    ->where('number', $row['number'])
                    ->update($row);
            }
            DB::table('visits')->insert(array_values($new));
            $cases = implode(' ', array_fill(0, count($taken), 'WHEN ? THEN ?'));
            DB::update(
                "UPDATE schedules SET in_hand = CASE id {$cases} END, nearness = ?, nearness_changes_on = NULL, ".
                    'updated_at = ? WHERE id IN ('.
                    implode(',', array_column($rows, 'schedule_id')).
                    ')',
                [
                    ...array_merge(...array_map(static fn (array $one): array => [$one[0]->id, $one[1]], $taken)),
                    Nearness::InHand->value,
                    $now,
                ],
            );
            ($this->refresh)(...array_map(static fn (array $one): int => $one[0]->asset_id, $taken));

            return $pairs->pluck('id', 'schedule_id')->map(static fn (mixed $id): int => (int) $id)->all();
        });
    }
}
