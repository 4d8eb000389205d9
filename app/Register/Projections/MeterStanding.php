<?php

declare(strict_types=1);

namespace App\Register\Projections;

use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Events\ReadingTaken;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Queries\MeterHistory;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\Beyond;
use Sundial\Meters\CounterReading;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Totals;
use Sundial\Support\Quantity;

/**
 * Keeps how a meter stands, and lets everything that counts on it follow. The caller holds the meter's row.
 *
 * A reading that was taken last costs the same however many lie before it; anything else (one in between, one struck
 * out, other settings) unrolls all of them afresh.
 */
final readonly class MeterStanding
{
    /** What of a counter's standing others count on. */
    private const COUNTED = [
        'last_total',
        'rate_units',
        'rate_days',
        'fast_units',
        'fast_days',
        'slow_units',
        'slow_days',
        'rate_from',
    ];

    public function __construct(
        private MeterHistory $history,
        private Clock $clock,
        private SiteDays $sites,
        private ReadingsTogether $together,
    ) {
    }

    /** @return list<string> sentences that say what followed */
    public function afresh(Meter $meter): array
    {
        if ($this->together->gathers()) {
            $this->together->writeOf($meter->id);
        }

        return DB::transaction(function () use ($meter): array {
            $today = $this->today($meter);
            if ($meter->isGauge()) {
                return $this->gaugeAfresh($meter, $today);
            }
            [$totals, $ids] = ($this->history)($meter);
            $changed = $this->keepTotals($meter, $totals->totals, $totals->readings, $ids);

            return $this->stand($meter, $totals, $totals->standing($today), $today, $changed);
        });
    }

    /**
     * After a reading was taken, in the transaction of whoever took it.
     *
     * @param  Totals|null  $beside  beside which a counter's reading was taken
     * @return list<string> sentences that say what followed
     */
    public function after(Meter $meter, Reading $row, CounterReading $reading, ?Totals $beside): array
    {
        if (! MeterHistory::isLast($meter, $reading->at)) {
            return $this->afresh($meter);
        }

        $today = $this->today($meter);
        if ($meter->isGauge()) {
            $this->add($meter, $row, $reading, $reading->shown);
            $was = $meter->beyond === null ? null : Beyond::from($meter->beyond);

            return $this->standGauge($meter, $reading, $meter->gauge()->after($was, $reading->shown), $today, true);
        }
        $isAgain = MeterHistory::isAgain($meter, $reading, $today);
        $totals = ($beside ?? $this->history->beside($meter, $reading, $today))->with($reading);
        $total = $totals->totals[count($totals->totals) - 1] ?? 0;
        $this->add($meter, $row, $reading, $total);
        $standing = $isAgain
            ? $meter->standing()?->laterThatDay($total)
            : $totals->standing($today);

        return $this->stand($meter, $totals, $standing, $today, true);
    }

    /**
     * When a day begins: the window of its rate has moved on.
     *
     * @return list<string> sentences that say what followed
     */
    public function ofTheDay(Meter $meter): array
    {
        $today = $this->today($meter);

        return $meter->isGauge()
            ? []
            : DB::transaction(function () use ($meter, $today): array {
                $recent = $this->history->recent($meter, $today);

                return $this->stand($meter, $recent, $recent->standing($today), $today, false);
            });
    }

    private function today(Meter $meter): LocalDate
    {
        return $this->sites->site($meter->site_id)->dayOf($this->clock->now());
    }

    private function add(Meter $meter, Reading $row, CounterReading $reading, int $total): void
    {
        $line = [
            'reading_id' => $row->id,
            'meter_id' => $meter->id,
            'at' => gmdate('Y-m-d H:i:s', $reading->at),
            'on_day' => (string) $reading->day,
            'opens_day' => $meter->last_on !== (string) $reading->day,
            'total' => Quantity::plain($total),
        ];
        $this->together->gathers()
            ? $this->together->total($line)
            : DB::table('reading_totals')->insert($line);
    }

    /** @return list<string> */
    private function stand(
        Meter $meter,
        Totals $totals,
        ?CounterStanding $standing,
        LocalDate $today,
        bool $changed,
    ): array {
        $last = $totals->readings[count($totals->readings) - 1] ?? null;
        $meter->stand($standing, $today);
        $meter->fill([
            'last_at' => $last === null ? null : gmdate('Y-m-d H:i:s', $last->at),
            'last_on' => $last === null ? null : (string) $last->day,
            'last_shown' => $last === null ? null : Quantity::plain($last->shown),
            'last_total' => $last === null ? null : Quantity::plain($totals->totals[count($totals->totals) - 1] ?? 0),
        ]);
        $changed = $changed || $meter->isDirty(self::COUNTED);
        $meter->save();

        return $changed ? $this->tell($meter, $today) : [];
    }

    /** @return list<string> */
    private function gaugeAfresh(Meter $meter, LocalDate $today): array
    {
        [$readings, $ids] = $this->history->shown($meter);
        $values = array_map(static fn (CounterReading $reading): int => $reading->shown, $readings);
        $changed = $this->keepTotals($meter, $values, $readings, $ids);

        return $this->standGauge(
            $meter,
            $readings[count($readings) - 1] ?? null,
            $meter->gauge()->beyond($values),
            $today,
            $changed,
        );
    }

    /** @return list<string> */
    private function standGauge(
        Meter $meter,
        ?CounterReading $last,
        ?Beyond $beyond,
        LocalDate $today,
        bool $changed,
    ): array {
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

    /** @return list<string> what follows from it for those who count on the meter */
    private function tell(Meter $meter, LocalDate $today): array
    {
        if ($this->together->takes($meter->id)) {
            return [];
        }
        $taken = new ReadingTaken($meter, $today);
        event($taken);

        return $taken->followed;
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
        $kept = DB::table('reading_totals')
            ->where('meter_id', $meter->id)
            ->get(['reading_id', 'total', 'opens_day'])
            ->keyBy('reading_id')
            ->all();
        $rows = [];
        foreach ($ids as $i => $id) {
            $total = Quantity::plain($totals[$i]);
            $day = (string) $readings[$i]->day;
            $opens = $i === 0 || $day !== (string) $readings[$i - 1]->day;
            if (! isset($kept[$id]) || $kept[$id]->total !== $total || (bool) $kept[$id]->opens_day !== $opens) {
                $rows[] = [
                    'reading_id' => $id,
                    'meter_id' => $meter->id,
                    'at' => gmdate('Y-m-d H:i:s', $readings[$i]->at),
                    'on_day' => $day,
                    'opens_day' => $opens,
                    'total' => $total,
                ];
            }
        }
        $gone = array_diff(array_keys($kept), $ids);
        if ($gone !== []) {
            DB::table('reading_totals')->whereIn('reading_id', $gone)->delete();
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('reading_totals')->upsert($chunk, ['reading_id'], ['opens_day', 'total']);
        }

        return $gone !== [] || $rows !== [];
    }
}
