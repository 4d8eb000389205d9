<?php

declare(strict_types=1);

use App\Planning\Models\Method;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\PartDemand;
use App\Stores\Queries\DemandAhead;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/**
 * Visit by visit, what each method in force takes at the level of the visit: two seals, three on a large one, which
 * takes a belt too; or three seals where the method has one level. What is in hand is its order's own.
 *
 * @return array<string, array<string, int>> by part and day, in thousandths
 */
function takenByVisits(string $until, int $ladder, int $plain): array
{
    $takes = [
        $ladder => ['SEAL' => [[1, 2000], [3, 1000]], 'BELT' => [[3, 1000]]],
        $plain => ['SEAL' => [[1, 3000]]],
    ];
    $taken = ['SEAL' => [], 'BELT' => []];
    foreach (DB::table('coming_visits')->where('planned_on', '<=', $until)->orderBy('planned_on')->get() as $visit) {
        $stands = DB::table('schedule_standings')->where('schedule_id', $visit->schedule_id)->first();
        if ($stands->visit_id !== null && $stands->next_due_on === $visit->planned_on) {
            continue;
        }
        foreach ($takes[$visit->method_id] ?? [] as $part => $lines) {
            foreach ($lines as [$level, $many]) {
                if ($level <= $visit->level) {
                    $taken[$part][$visit->planned_on] = ($taken[$part][$visit->planned_on] ?? 0) + $many;
                }
            }
        }
    }

    return $taken;
}

it('adds up and names what visits take at their level, less those that have an order', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $ids = ['SEAL' => $shelf->part('SEAL')->part_id, 'BELT' => $shelf->part('BELT')->part_id];
    $form = [
        'name' => 'Service',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Look']],
        'labour' => [['trade_id' => $plant->person('technician')->trade_id, 'people' => 1, 'minutes' => 60]],
        'as' => 'in force',
    ];
    foreach ([
        ['code' => 'M-L', 'ladder' => 'small 1, large 3', 'parts' => "SEAL x 2\nSEAL x 1 from 3\nBELT x 1 from 3"],
        ['code' => 'M-P', 'parts' => 'SEAL x 3'],
    ] as $of) {
        $this->as('planner')->post('/methods', $of + $form)->assertSessionHasNoErrors();
    }
    $method = Method::query()->pluck('id', 'code');
    $schedules = [['M-L', 7, 0], ['M-L', 14, 20], ['M-P', 10, 0], ['M-P', 10, 3], ['M-L', 14, 6]];
    foreach ($schedules as $i => [$code, $days, $on]) {
        $plant->schedule([
            'method_id' => $method[$code],
            'name' => "Service {$i}",
            'every' => $days,
            'anchor_on' => (string) LocalDate::parse('2026-03-18')->plusDays($on),
        ]);
    }
    expect($plant->release())->not->toBeNull();
    $until = LocalDate::parse('2026-06-20');
    $expected = takenByVisits((string) $until, $method['M-L'], $method['M-P']);
    $demand = app(DemandAhead::class);
    $totals = $demand->totals($plant->site->id, array_values($ids), $until);
    foreach ($ids as $part => $id) {
        $asked = new AskedFor($plant->site->id, $id, null, $until, 500);
        $sums = [];
        foreach ($totals as $one) {
            if ($one->partId === $id && $one->kind === DemandKind::Visit) {
                $sums[(string) $one->on] = $one->thousandths;
            }
        }
        ksort($expected[$part]);
        expect($expected[$part])->not->toBeEmpty()->and($sums)->toBe($expected[$part], $part);
        foreach ([[$asked], AskedFor::knowing($totals, $asked)] as [$of]) {
            $named = array_filter(
                $demand->firstOf($of)[$id],
                static fn (PartDemand $one): bool => $one->kind === DemandKind::Visit,
            );
            $byDay = [];
            foreach ($named as $one) {
                $byDay[(string) $one->on] = ($byDay[(string) $one->on] ?? 0) + $one->thousandths;
            }
            expect($byDay)->toBe($expected[$part], $part);
        }
        // Of many only the first are named: those of the first days.
        $few = $demand->first(...AskedFor::knowing(
            array_values(array_filter($totals, static fn (DayDemand $one): bool => $one->kind === DemandKind::Visit)),
            new AskedFor($plant->site->id, $id, null, $until, 2),
        ));
        expect($few)->toHaveCount(2)->and((string) $few[0]->on)->toBe(array_key_first($expected[$part]));
    }
});
