<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Illuminate\Database\Query\Builder;
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
     * What of a counter's readings says how it stands on a day, and whether one that is taken last is doubtful: the
     * first of each day within its window and the year of its rates, and the last of all. So many days, however many
     * readings.
     */
    public function recent(Meter $meter, LocalDate $today): Totals
    {
        if ($meter->last_at === null) {
            return Totals::known($meter->counter(), [], []);
        }
        $last = $this->last($meter);
        // The rates beside which a reading is questioned lie in the year before the one that stands last.
        $from = $last->on_day > (string) $today ? $today : LocalDate::parse((string) $last->on_day);
        $since = $from->plusDays(-max(Totals::YEAR, $meter->counter()->window));

        return $this->known($meter, $this->firstOfEachDay($meter, $since)->get()->all(), $last);
    }

    /**
     * What a counter's reading that is about to be taken is seen beside: of one that is taken again on the day on which
     * the counter stands, the last alone; of one that is taken last, what says how it stands; else what lies around it.
     */
    public function beside(Meter $meter, CounterReading $reading, LocalDate $today): Totals
    {
        return match (true) {
            self::isAgain($meter, $reading, $today) => $this->known($meter, [], $this->last($meter)),
            self::isLast($meter, $reading->at) => $this->recent($meter, $today),
            default => $this->around($meter, $reading->at),
        };
    }

    /** Whether a reading is taken last, on the day on which its counter stands and was read before. */
    public static function isAgain(Meter $meter, CounterReading $reading, LocalDate $today): bool
    {
        return self::isLast($meter, $reading->at) &&
            $meter->stoodOn($today) &&
            $reading->day->epochDay === $today->epochDay;
    }

    /** The same for a reading that would be taken at an instant: those beside it, and the rates of the year before. */
    public function around(Meter $meter, int $instant): Totals
    {
        $at = gmdate('Y-m-d H:i:s', $instant);
        $before = $this->standing($meter)
            ->where('t.at', '<=', $at)
            ->orderByDesc('t.at')
            ->orderByDesc('t.reading_id')
            ->first();
        $after = $this->standing($meter)
            ->where('t.at', '>', $at)
            ->orderBy('t.at')
            ->orderBy('t.reading_id')
            ->first();
        $since = $before === null ? null : LocalDate::parse($before->on_day)->plusDays(-Totals::YEAR);
        $days = $since === null
            ? []
            : $this->firstOfEachDay($meter, $since)->where('at', '<=', $at)->get()->all();

        return $this->known($meter, $days, $before, $after);
    }

    /** The total of a counter at an instant, by the readings beside it and its rate. */
    public function totalAt(Meter $meter, int $instant, LocalDate $day): ?int
    {
        $at = gmdate('Y-m-d H:i:s', $instant);
        $before = $this->standing($meter)->where('t.at', '<=', $at)->orderByDesc('t.at')->orderByDesc('t.reading_id');
        $after = $this->standing($meter)->where('t.at', '>', $at)->orderBy('t.at')->orderBy('t.reading_id');

        return $this->known($meter, [], $before->first(), $after->first())->at(
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

    /** The last reading, as the meter itself tells it. */
    private function last(Meter $meter): stdClass
    {
        return (object) [
            'at' => $meter->last_at,
            'on_day' => $meter->last_on,
            'shown' => $meter->last_shown,
            'turn' => Turn::Read->value,
            'old_final' => null,
            'total' => $meter->last_total,
        ];
    }

    private function firstOfEachDay(Meter $meter, LocalDate $since): Builder
    {
        return DB::table('reading_totals')
            ->where('meter_id', $meter->id)
            ->where('opens_day', 1)
            ->where('on_day', '>=', (string) $since)
            ->orderBy('on_day')
            ->selectRaw(
                "TO_SECONDS(at) - TO_SECONDS('1970-01-01') as at, TO_DAYS(on_day) - TO_DAYS('1970-01-01') as day, ".
                    'CAST(total * 1000 AS SIGNED) as total',
            );
    }

    /**
     * @param  array<stdClass>  $days  of which only instant, day and total are asked: epoch seconds, epoch day,
     *     thousandths
     * @param  stdClass|null  $whole  behind them, the first of which may be the last of the days
     */
    private function known(Meter $meter, array $days, ?stdClass ...$whole): Totals
    {
        $whole = array_values(array_filter($whole));
        if ($days !== [] && $whole !== [] && $days[count($days) - 1]->at === self::instant($whole[0]->at)) {
            array_pop($days);
        }
        [$readings, $totals] = [[], []];
        foreach ($days as $day) {
            $readings[] = CounterReading::mark($day->at, LocalDate::ofEpochDay($day->day));
            $totals[] = $day->total;
        }
        foreach ($whole as $row) {
            $readings[] = self::reading($row);
            $totals[] = Quantity::parse($row->total);
        }

        return Totals::known($meter->counter(), $readings, $totals);
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

    /** Whether a reading at an instant in epoch seconds is the last of its meter: none that stands lies behind it. */
    public static function isLast(Meter $meter, int $instant): bool
    {
        return $meter->last_at === null || self::instant($meter->last_at) <= $instant;
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
