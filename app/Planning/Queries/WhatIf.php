<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\People\Models\Rate;
use App\Planning\Models\Method;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\Schedule;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\Rates;
use Sundial\Planning\Levelling\YearLoad;

/**
 * What a year of the schedules of a method asks for, and what it would with another interval or on more assets.
 * Nothing is saved.
 */
final readonly class WhatIf
{
    public function __construct(private ScheduleDraft $draft, private LadderOf $ladders)
    {
    }

    /**
     * @param  array{every?: int|null, unit?: string|null, usage_every?: string|null, more?: int|null}  $change
     * @return array{rows: list<array{schedule: Schedule, now: YearLoad, then: YearLoad}>, now: YearLoad,
     *     then: YearLoad}
     */
    public function __invoke(Method $method, int $siteId, array $change, LocalDate $today): array
    {
        $labour = $method->inForce->labour ?? collect();
        $rates = Rate::query()
            ->whereNotNull('trade_id')
            ->get()
            ->groupBy('trade_id')
            ->map(
                static fn (Collection $of): ?HourlyRate => Rates::of(
                    [],
                    array_values(
                        $of
                            ->map(
                                static fn (Rate $rate): array => [
                                    LocalDate::parse($rate->from_day),
                                    $rate->hourly(),
                                ],
                            )
                            ->all(),
                    ),
                )->on($today),
            );
        $rows = [];
        [$now, $then] = [YearLoad::none(), YearLoad::none()];
        foreach (
            Schedule::query()
                ->where('method_id', $method->id)
                ->where('site_id', $siteId)
                ->where('ended', false)
                ->whereNull('held_from')
                ->with(['asset:id,tag,name', 'meter', 'gauge'])
                ->orderBy('id')
                ->limit(300)
                ->get() as $schedule
        ) {
            $row = [
                'schedule' => $schedule,
                'now' => $this->year($schedule, $labour, $rates, $today),
                'then' => $this->year($this->changed($schedule, $change), $labour, $rates, $today),
            ];
            $rows[] = $row;
            [$now, $then] = [$now->and($row['now']), $then->and($row['then'])];
        }

        // Another asset is taken to be like the first.
        return [
            'rows' => $rows,
            'now' => $now,
            'then' => $rows === [] ? $then : $then->and($rows[0]['then']->times(max(0, (int) ($change['more'] ?? 0)))),
        ];
    }

    /** @param  array{every?: int|null, unit?: string|null, usage_every?: string|null}  $change */
    private function changed(Schedule $schedule, array $change): Schedule
    {
        $draft = clone $schedule;
        if (
            ($change['every'] ?? null) !== null &&
            $schedule->rule !== Schedule::USAGE &&
            $schedule->rule !== Schedule::CONDITION
        ) {
            $draft->fill(
                ['every' => $change['every']] +
                    ($schedule->rule === Schedule::INTERVAL && ($change['unit'] ?? null) !== null
                        ? ['unit' => $change['unit']]
                        : []),
            );
        }
        if (($change['usage_every'] ?? null) !== null && $schedule->meter_id !== null) {
            $draft->usage_every = $change['usage_every'];
        }

        return $draft->isDirty() ? $this->draft->start($draft) : $draft;
    }

    /**
     * @param  Collection<int, MethodLabour>  $labour
     * @param  Collection<int, HourlyRate|null>  $rates  by trade
     */
    private function year(
        Schedule $schedule,
        Collection $labour,
        Collection $rates,
        LocalDate $today,
    ): YearLoad {
        $load = YearLoad::none();
        $planned = $this->draft->within($schedule, $today, $today->plusDays(365));
        $levels = $this->ladders->coming($schedule, count($planned));
        foreach (array_keys($planned) as $i) {
            $minutes = [];
            $cents = 0;
            foreach ($labour->where('level', '<=', $levels[$i] ?? 1) as $line) {
                $minutes[$line->trade->name] = ($minutes[$line->trade->name] ?? 0) + $line->people * $line->minutes;
                $rate = $rates[$line->trade_id] ?? null;
                $cents += $rate === null ? 0 : LabourCost::planned($line->people * $line->minutes, $rate);
            }
            $load = $load->plus($minutes, $cents);
        }

        return $load;
    }
}
