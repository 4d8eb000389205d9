<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Finds schedules and methods. */
final class JumpToPlans implements JumpSource
{
    public function find(string $text, array $words, int $siteId, int $most): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $schedules = Matching::words(
            DB::table('schedules as s')->where('s.site_id', $siteId)->where('s.ended', false),
            $words,
            ['s.name'],
        )
            ->limit($most)
            ->select(['s.id', 's.name', 's.asset_id']);
        $rows = DB::query()
            ->fromSub($schedules, 's')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->orderBy('s.name')
            ->get(['s.id', 's.name', 'a.tag', 'a.name as asset']);
        $methods = Matching::words(DB::table('methods'), $words, ['name', 'code'])
            ->orderBy('code')
            ->limit($most)
            ->get(['id', 'code', 'name']);

        return [
            ...$rows
                ->map(
                    static fn (object $row): Hit => new Hit(
                        'schedule',
                        $row->name,
                        $row->tag,
                        "schedule on {$row->asset}",
                        "/schedules/{$row->id}",
                    ),
                )
                ->values()
                ->all(),
            ...$methods
                ->map(
                    static fn (object $row): Hit => new Hit(
                        'method',
                        $row->name,
                        $row->code,
                        'method',
                        "/methods/{$row->id}",
                    ),
                )
                ->values()
                ->all(),
        ];
    }

    public function names(int $siteId): iterable
    {
        return DB::table('methods')
            ->pluck('name')
            ->concat(DB::table('schedules')->where('site_id', $siteId)->distinct()->pluck('name'));
    }
}
