<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterReading;
use Sundial\Meters\Totals;
use Sundial\Meters\Turn;
use Sundial\Support\Quantity;

/** The readings of a meter that stand, unrolled. */
final class MeterHistory
{
    /** @return array{Totals, list<int>} the totals, and the ids of the readings in the same order */
    public function __invoke(Meter $meter): array
    {
        [$readings, $ids] = $this->shown($meter);

        return [Totals::of($meter->counter(), $readings), $ids];
    }

    /** @return array{list<CounterReading>, list<int>} the readings as they were taken, oldest first, and their ids */
    public function shown(Meter $meter): array
    {
        $rows = $this->rows($meter)->get();

        return [
            array_values(
                $rows
                    ->map(
                        static fn (stdClass $row): CounterReading => $meter->isGauge()
                            ? self::gaugeReading($row)
                            : self::reading($row),
                    )
                    ->all(),
            ),
            array_values($rows->map(static fn (stdClass $row): int => (int) $row->id)->all()),
        ];
    }

    /**
     * What of a counter's readings says how it stands on a day: the first of each day within its window and the year
     * of its rates, and the last of all. So many days, however many readings.
     */
    public function recent(Meter $meter, LocalDate $today): Totals
    {
        $since = $today->plusDays(-max(Totals::YEAR, $meter->counter()->window));
        $last = $this->standing($meter)->orderByDesc('t.at')->orderByDesc('t.reading_id')->limit(1);

        return $this->known($meter, [...$this->firstOfEachDay($meter, $since)->get(), ...$last->get()]);
    }

    /** The same for a reading that would be taken at an instant: those beside it, and the rates of the year before. */
    public function around(Meter $meter, int $instant): Totals
    {
        $at = gmdate('Y-m-d H:i:s', $instant);
        $before = $this->standing($meter)
            ->where('t.at', '<=', $at)
            ->orderByDesc('t.at')
            ->orderByDesc('t.reading_id')
            ->limit(1)
            ->get();
        $after = $this->standing($meter)
            ->where('t.at', '>', $at)
            ->orderBy('t.at')
            ->orderBy('t.reading_id')
            ->limit(1)
            ->get();
        $since = $before->isEmpty() ? null : LocalDate::parse($before[0]->on_day)->plusDays(-Totals::YEAR);
        $days = $since === null
            ? []
            : $this->firstOfEachDay($meter, $since)->where('t.at', '<=', $at)->get();

        return $this->known($meter, [...$days, ...$before, ...$after]);
    }

    /** The total of a counter at an instant, by the readings beside it and its rate. */
    public function totalAt(Meter $meter, int $instant, LocalDate $day): ?int
    {
        $at = gmdate('Y-m-d H:i:s', $instant);
        $before = $this->standing($meter)->where('t.at', '<=', $at)->orderByDesc('t.at')->orderByDesc('t.reading_id');
        $after = $this->standing($meter)->where('t.at', '>', $at)->orderBy('t.at')->orderBy('t.reading_id');

        return $this->known($meter, [...$before->limit(1)->get(), ...$after->limit(1)->get()])->at(
            $instant,
            $day,
            $meter->standing()?->rate,
        );
    }

    /** @return Builder the readings that stand, with their totals */
    private function standing(Meter $meter): Builder
    {
        return DB::table('reading_totals as t')
            ->join('readings as r', 'r.id', '=', 't.reading_id')
            ->where('t.meter_id', $meter->id)
            ->select(['r.id', 'r.at', 'r.on_day', 'r.shown', 'r.turn', 'r.old_final', 't.total']);
    }

    private function firstOfEachDay(Meter $meter, LocalDate $since): Builder
    {
        $first = DB::table('reading_totals')
            ->where('meter_id', $meter->id)
            ->where('on_day', '>=', (string) $since)
            ->groupBy('meter_id', 'on_day')
            ->selectRaw('on_day, MIN(at) as at');

        return $this->standing($meter)
            ->joinSub($first, 'd', static fn (JoinClause $join) => $join->on('d.at', '=', 't.at'))
            ->orderBy('t.at')
            ->orderBy('t.reading_id');
    }

    /** @param  list<stdClass>  $rows */
    private function known(Meter $meter, array $rows): Totals
    {
        $byId = array_column($rows, null, 'id');
        usort(
            $byId,
            static fn (stdClass $a, stdClass $b): int => [$a->at, (int) $a->id] <=> [$b->at, (int) $b->id],
        );

        return Totals::known(
            $meter->counter(),
            array_map(self::reading(...), $byId),
            array_map(static fn (stdClass $row): int => Quantity::parse($row->total), $byId),
        );
    }

    /** @return array<int, CounterReading> what a gauge showed after an instant in epoch seconds, by id */
    public function since(Meter $gauge, int $instant): array
    {
        $readings = [];
        foreach ($this->rows($gauge)->where('r.at', '>', gmdate('Y-m-d H:i:s', $instant))->get() as $row) {
            $readings[(int) $row->id] = self::gaugeReading($row);
        }

        return $readings;
    }

    /** The day of the first reading that had come to a total. */
    public function dayReached(int $meterId, int $total): ?LocalDate
    {
        $day = DB::table('reading_totals')
            ->where('meter_id', $meterId)
            ->where('total', '>=', Quantity::plain($total))
            ->orderBy('at')
            ->value('on_day');

        return $day === null ? null : LocalDate::parse((string) $day);
    }

    public static function instant(string $at): int
    {
        return (int) strtotime(substr($at, 0, 19).' UTC');
    }

    private function rows(Meter $meter): Builder
    {
        return DB::table('readings as r')
            ->leftJoin('reading_strikes as s', 's.reading_id', '=', 'r.id')
            ->whereNull('s.reading_id')
            ->where('r.meter_id', $meter->id)
            ->orderBy('r.at')
            ->orderBy('r.id')
            ->select(['r.id', 'r.at', 'r.on_day', 'r.shown', 'r.turn', 'r.old_final']);
    }

    private static function gaugeReading(stdClass $row): CounterReading
    {
        return CounterReading::ofGauge(
            self::instant($row->at),
            LocalDate::parse($row->on_day),
            Quantity::parse($row->shown),
        );
    }

    private static function reading(stdClass $row): CounterReading
    {
        return CounterReading::of(
            self::instant($row->at),
            LocalDate::parse($row->on_day),
            Quantity::parse($row->shown),
            Turn::from($row->turn),
            $row->old_final === null ? 0 : Quantity::parse($row->old_final),
        );
    }
}
