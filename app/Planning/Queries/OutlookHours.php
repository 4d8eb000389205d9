<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Platform\Subject;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** The hours of the visits to come, by trade and stretch of time. */
final readonly class OutlookHours
{
    public function __construct(private VisitLabour $labour)
    {
    }

    /**
     * Minutes by trade in each stretch of time.
     *
     * @param  LocalDate  $to  a Monday, so that weeks and months end with it alike
     * @param  string  $by week, month or quarter
     * @param  array{class?: int|null, team?: int|null}  $only
     * @return array{stretches: list<LocalDate>, trades: array<string, list<int>>, visits: list<int>,
     *     expected: list<int>}
     */
    public function __invoke(Subject $subject, LocalDate $from, LocalDate $to, string $by, array $only = []): array
    {
        $stretches = self::stretches($from, $to, $by);
        $places = array_flip(array_map(strval(...), $stretches));
        $empty = array_fill(0, count($stretches), 0);
        $trades = [];
        $hours = ['stretches' => $stretches, 'visits' => $empty, 'expected' => $empty];
        $counted = $this->counted($subject, $stretches[0], $to, $by === 'week', $only);
        $labour = $this->labour->ofMethods(
            array_map(intval(...), array_values($counted->pluck('method_id')->unique()->all())),
        );
        foreach ($counted as $row) {
            $place =
                $places[
                    $by === 'quarter'
                        ? substr($row->stretch, 0, 5).
                            sprintf('%02d-01', 3 * intdiv((int) substr($row->stretch, 5, 2) - 1, 3) + 1)
                        : $row->stretch
                ] ?? null;
            if ($place === null) {
                continue;
            }
            $hours['visits'][$place] += (int) $row->n;
            $hours['expected'][$place] += (int) $row->expected;
            foreach (VisitLabour::upTo($labour[(int) $row->method_id] ?? [], (int) $row->level) as $trade => $minutes) {
                $trades[$trade] ??= $empty;
                $trades[$trade][$place] += $minutes * (int) $row->n;
            }
        }
        // A method whose steps take no time has no trade to show.
        $trades = array_filter($trades, static fn (array $minutes): bool => array_sum($minutes) > 0);
        uasort($trades, static fn (array $a, array $b): int => array_sum($b) <=> array_sum($a));

        return [
            'stretches' => $stretches,
            'trades' => array_map(array_values(...), $trades),
            'visits' => array_values($hours['visits']),
            'expected' => array_values($hours['expected']),
        ];
    }

    /**
     * How many visits of each method and level begin in each week or month: of a whole site as the database adds
     * them up, of a part of it one by one.
     *
     * @param  array{class?: int|null, team?: int|null}  $only
     * @return Collection<int, stdClass> stretch, method_id, level, n, expected
     */
    private function counted(
        Subject $subject,
        LocalDate $first,
        LocalDate $to,
        bool $byWeek,
        array $only,
    ): Collection {
        if ($subject->kind === 'site' && array_filter($only) === []) {
            $stretch = $byWeek
                ? 'planned_on - INTERVAL WEEKDAY(planned_on) DAY'
                : 'planned_on - INTERVAL (DAY(planned_on) - 1) DAY';

            // By day first, in the order of the index.
            $days = DB::table('outlook_loads')
                ->where('site_id', $subject->id)
                ->where('planned_on', '>=', (string) $first)
                ->where('planned_on', '<', (string) $to)
                ->groupBy('planned_on', 'method_id', 'level')
                ->selectRaw('planned_on, method_id, level, SUM(visits) as visits, SUM(expected) as expected');

            return DB::query()
                ->fromSub($days, 'd')
                ->groupBy('stretch', 'method_id', 'level')
                ->selectRaw("{$stretch} as stretch, method_id, level, SUM(visits) as n, SUM(expected) as expected")
                ->havingRaw('SUM(visits) > 0')
                ->get();
        }
        $stretch = $byWeek ? 'v.week_on' : 'v.planned_on - INTERVAL (DAY(v.planned_on) - 1) DAY';

        return OutlookQuery::every($subject, $only)
            ->where($byWeek ? 'v.week_on' : 'v.planned_on', '>=', (string) $first)
            ->where('v.week_on', '<', (string) $to)
            ->groupBy('stretch', 'v.method_id', 'v.level')
            ->selectRaw("{$stretch} as stretch, v.method_id, v.level, COUNT(*) as n, SUM(v.expected) as expected")
            ->get();
    }

    /** @return list<LocalDate> first days: Mondays, or firsts of months */
    private static function stretches(LocalDate $from, LocalDate $to, string $by): array
    {
        $day = match ($by) {
            'week' => $from->plusDays(1 - $from->weekday()),
            'month' => $from->firstOfMonth(),
            default => LocalDate::of($from->year, 3 * intdiv($from->month - 1, 3) + 1, 1),
        };
        $stretches = [];
        while ($day->isBefore($to)) {
            $stretches[] = $day;
            $day = $by === 'week' ? $day->plusDays(7) : $day->plusMonthsClamped($by === 'month' ? 1 : 3);
        }

        return $stretches;
    }
}
