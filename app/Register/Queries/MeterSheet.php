<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Extension\Extensions;
use App\Register\Extension\MeterGoals;
use App\Register\Models\Meter;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * What stands on the sheet of a meter: its readings with what was struck out, its points for the chart, and what is
 * due by it.
 */
final readonly class MeterSheet
{
    public function __construct(private Extensions $extensions)
    {
    }

    /** @return Collection<int, object> newest first */
    public function readings(Meter $meter, int $most = 60): Collection
    {
        return DB::table('readings as r')
            ->leftJoin('reading_strikes as s', 's.reading_id', '=', 'r.id')
            ->leftJoin('reading_totals as t', 't.reading_id', '=', 'r.id')
            ->where('r.meter_id', $meter->id)
            ->orderByDesc('r.at')
            ->orderByDesc('r.id')
            ->limit($most)
            ->get(['r.*', 't.total', 's.who as struck_by', 's.reason', 's.struck_at']);
    }

    /**
     * @return list<array{day: LocalDate, total: string|null, shown: string, turn: string, struck: bool}> of the
     *     last year, oldest first
     */
    public function points(Meter $meter): array
    {
        return array_values(
            DB::table('readings as r')
                ->leftJoin('reading_strikes as s', 's.reading_id', '=', 'r.id')
                ->leftJoin('reading_totals as t', 't.reading_id', '=', 'r.id')
                ->where('r.meter_id', $meter->id)
                ->orderByDesc('r.at')
                ->orderByDesc('r.id')
                ->limit(400)
                ->get(['r.on_day', 'r.shown', 'r.turn', 't.total', 's.reading_id as struck'])
                ->reverse()
                ->map(
                    static fn (object $row): array => [
                        'day' => LocalDate::parse($row->on_day),
                        'total' => $row->total,
                        'shown' => $row->shown,
                        'turn' => $row->turn,
                        'struck' => $row->struck !== null,
                    ],
                )
                ->values()
                ->all(),
        );
    }

    /**
     * @return list<array{label: string, href: string, total: int, expected: LocalDate|null,
     *     early: LocalDate|null, late: LocalDate|null, reached: bool, state: string}>
     */
    public function goals(Meter $meter): array
    {
        $goals = [];
        foreach ($this->extensions->of(MeterGoals::class) as $source) {
            $goals = [...$goals, ...$source->goals($meter)];
        }

        return $goals;
    }
}
