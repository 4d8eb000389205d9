<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Platform\Frame\Wording;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Levelling\Capacity;

/** The planned hours of weeks of a site beside what its people can do. */
final readonly class LoadOfWeek
{
    public function __construct(private OutlookHours $outlook, private Wording $words)
    {
    }

    /** What a move between two weeks did to both, in words. */
    public function sentence(int $siteId, LocalDate $from, LocalDate $to): string
    {
        $weeks = array_unique(
            array_map(static fn (LocalDate $day): string => (string) $day->plusDays(1 - $day->weekday()), [
                $from,
                $to,
            ]),
        );
        $days = Site::query()->with('restDays')->findOrFail($siteId)->workingDays();
        $said = array_map(function (string $monday) use ($siteId, $days): string {
            $week = LocalDate::parse($monday);
            $hours = ($this->outlook)(Subject::of('site', $siteId, $siteId), $week, $week->plusDays(7), 'week');
            $capacity = array_sum($this->weekMinutes($siteId));

            return "the week of {$this->words->day($week)} holds ".
                "{$this->words->hours(array_sum(array_map(array_sum(...), $hours['trades'])))} of ".
                $this->words->hours(Capacity::within($capacity, $days, $week, $week->plusDays(7)));
        }, $weeks);

        return ucfirst(implode(', ', $said)).' of planned work.';
    }

    /**
     * Minutes that people of each trade have for planned work in a week; somebody of several sites is there in equal
     * parts.
     *
     * @param  int|null  $teamId  only the members of a team
     * @return array<string, int> by trade
     */
    public function weekMinutes(int $siteId, ?int $teamId = null): array
    {
        return DB::table('users as u')
            ->join('trades as t', 't.id', '=', 'u.trade_id')
            ->where('u.active', true)
            ->whereIn('u.id', DB::table('user_sites')->where('site_id', $siteId)->select('user_id'))
            ->when(
                $teamId !== null,
                static fn ($query) => $query->whereIn(
                    'u.id',
                    DB::table('team_users')->where('team_id', $teamId)->select('user_id'),
                ),
            )
            ->selectRaw(
                't.name, u.week_minutes, (SELECT COUNT(*) FROM user_sites s WHERE s.user_id = u.id) as sites',
            )
            ->get()
            ->groupBy('name')
            ->map(
                static fn ($people): int => (int) $people->sum(
                    static fn (object $one): int => intdiv((int) $one->week_minutes, max(1, (int) $one->sites)),
                ),
            )
            ->all();
    }
}
