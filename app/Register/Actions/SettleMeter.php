<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\MeterListener;
use App\Register\Models\Meter;
use App\Register\Queries\MeterHistory;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterReading;
use Sundial\Support\Quantity;

/**
 * Unrolls the readings of a meter afresh, and lets everything that counts on it follow. The caller holds the meter's
 * row.
 */
final readonly class SettleMeter
{
    public function __construct(private MeterHistory $history, private Clock $clock, private SiteDays $sites)
    {
    }

    /** @return list<string> sentences that say what followed */
    public function __invoke(Meter $meter): array
    {
        return DB::transaction(function () use ($meter): array {
            $today = $this->sites->site($meter->site_id)->dayOf($this->clock->now());
            if ($meter->isGauge()) {
                return $this->gauge($meter, $today);
            }
            [$totals, $ids] = ($this->history)($meter);
            $changed = $this->keepTotals($meter, $totals->totals, $totals->readings, $ids);
            $last = $totals->readings[count($totals->readings) - 1] ?? null;
            $meter->stand($totals->standing($today), $today);
            $meter->fill([
                'last_at' => $last === null ? null : gmdate('Y-m-d H:i:s', $last->at),
                'last_on' => $last === null ? null : (string) $last->day,
                'last_shown' => $last === null ? null : Quantity::plain($last->shown),
                'last_total' => $last === null ? null : Quantity::plain($totals->totals[count($totals->totals) - 1]),
            ]);
            $changed =
                $changed ||
                $meter->isDirty([
                    'last_total',
                    'rate_units',
                    'rate_days',
                    'fast_units',
                    'fast_days',
                    'slow_units',
                    'slow_days',
                    'rate_from',
                ]);
            $meter->save();
            if (! $changed) {
                return [];
            }

            return $this->tell($meter, $today);
        });
    }

    /** @return list<string> what follows from it for those who count on the meter */
    private function tell(Meter $meter, LocalDate $today): array
    {
        $said = [];
        /** @var MeterListener $listener */
        foreach (app()->tagged(MeterListener::TAG) as $listener) {
            $said = [...$said, ...$listener->changed($meter, $today)];
        }

        return $said;
    }

    /** @return list<string> */
    private function gauge(Meter $meter, LocalDate $today): array
    {
        [$readings, $ids] = $this->history->shown($meter);
        $values = array_map(static fn (CounterReading $reading): int => $reading->shown, $readings);
        $changed = $this->keepTotals($meter, $values, $readings, $ids);
        $last = $readings[count($readings) - 1] ?? null;
        $beyond = $meter->gauge()->beyond($values);
        $was = $meter->beyond;
        $shown = $last === null ? null : Quantity::plain($last->shown);
        $meter
            ->fill([
                'last_at' => $last === null ? null : gmdate('Y-m-d H:i:s', $last->at),
                'last_on' => $last === null ? null : (string) $last->day,
                'last_shown' => $shown,
                'last_total' => $shown,
                'beyond' => $beyond?->value,
                'stands_on' => (string) $today,
            ])
            ->save();

        $said =
            $beyond?->value === $was
                ? []
                : [
                    $beyond === null
                        ? "{$meter->name} is back inside its limits."
                        : "{$meter->name} is {$meter->standingText()}.",
                ];

        return $changed ? [...$said, ...$this->tell($meter, $today)] : $said;
    }

    /**
     * Writes only the totals that differ: one row for a reading taken last.
     *
     * @param  list<int>  $totals
     * @param  list<CounterReading>  $readings
     * @param  list<int>  $ids
     * @return bool whether any differed
     */
    private function keepTotals(Meter $meter, array $totals, array $readings, array $ids): bool
    {
        $kept = DB::table('reading_totals')->where('meter_id', $meter->id)->pluck('total', 'reading_id')->all();
        $rows = [];
        foreach ($ids as $i => $id) {
            $total = Quantity::plain($totals[$i]);
            if (($kept[$id] ?? null) !== $total) {
                $rows[] = [
                    'reading_id' => $id,
                    'meter_id' => $meter->id,
                    'at' => gmdate('Y-m-d H:i:s', $readings[$i]->at),
                    'on_day' => (string) $readings[$i]->day,
                    'total' => $total,
                ];
            }
        }
        $gone = array_diff(array_keys($kept), $ids);
        if ($gone !== []) {
            DB::table('reading_totals')->whereIn('reading_id', $gone)->delete();
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('reading_totals')->upsert($chunk, ['reading_id'], ['total']);
        }

        return $gone !== [] || $rows !== [];
    }
}
