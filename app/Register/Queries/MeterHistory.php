<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
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
        $rows = DB::table('readings as r')
            ->leftJoin('reading_strikes as s', 's.reading_id', '=', 'r.id')
            ->whereNull('s.reading_id')
            ->where('r.meter_id', $meter->id)
            ->orderBy('r.at')
            ->orderBy('r.id')
            ->get(['r.id', 'r.at', 'r.on_day', 'r.shown', 'r.turn', 'r.old_final']);

        return [
            array_values(
                $rows
                    ->map(
                        static fn (object $row): CounterReading => $meter->isGauge()
                            ? CounterReading::ofGauge(
                                self::instant($row->at),
                                LocalDate::parse($row->on_day),
                                Quantity::parse($row->shown),
                            )
                            : self::reading($row),
                    )
                    ->all(),
            ),
            array_values($rows->map(static fn (object $row): int => (int) $row->id)->all()),
        ];
    }

    /** @return array{list<CounterReading>, list<int>} the same, of those taken after an instant in epoch seconds */
    public function since(Meter $meter, int $instant): array
    {
        [$readings, $ids] = $this->shown($meter);
        $new = array_filter($readings, static fn (CounterReading $reading): bool => $reading->at > $instant);

        return [array_values($new), array_values(array_intersect_key($ids, $new))];
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

    private static function reading(object $row): CounterReading
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
