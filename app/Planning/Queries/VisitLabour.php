<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use Illuminate\Support\Facades\DB;

/** The minutes of people that visits need, by trade. */
final readonly class VisitLabour
{
    /**
     * Minutes of a visit by trade, as the revision in force plans them; without labour its steps.
     *
     * @param  list<int>  $methods
     * @return array<int, array<int, array<string, int>>> by method and by the level that adds them
     */
    public function ofMethods(array $methods): array
    {
        $minutes = [];
        $inForce = DB::table('method_revisions')
            ->whereIn('method_id', $methods)
            ->where('state', 'in force')
            ->select('id');
        foreach (
            DB::table('method_labour as l')
                ->join('method_revisions as r', 'r.id', '=', 'l.revision_id')
                ->join('trades as t', 't.id', '=', 'l.trade_id')
                ->whereIn('r.id', $inForce)
                ->get(['r.method_id', 't.name', 'l.people', 'l.minutes', 'l.level']) as $line
        ) {
            $minutes[(int) $line->method_id][(int) $line->level][$line->name] =
                (int) $line->people * (int) $line->minutes;
        }
        $without = array_diff($methods, array_keys($minutes));
        foreach (
            $without === []
                ? []
                : DB::table('method_steps as s')
                    ->join('method_revisions as r', 'r.id', '=', 's.revision_id')
                    ->whereIn('r.method_id', $without)
                    ->where('r.state', 'in force')
                    ->groupBy('r.method_id', 's.level')
                    ->selectRaw('r.method_id, s.level, SUM(s.minutes) as minutes')
                    ->get() as $line
        ) {
            $minutes[(int) $line->method_id][(int) $line->level]['no trade'] = (int) $line->minutes;
        }

        return $minutes;
    }

    /**
     * What a visit at a level needs: its own and all below it.
     *
     * @param  array<int, array<string, int>>  $byLevel
     * @return array<string, int> minutes by trade
     */
    public static function upTo(array $byLevel, int $level): array
    {
        $minutes = [];
        foreach ($byLevel as $from => $trades) {
            foreach ($from <= $level ? $trades : [] as $trade => $much) {
                $minutes[$trade] = ($minutes[$trade] ?? 0) + $much;
            }
        }

        return $minutes;
    }
}
