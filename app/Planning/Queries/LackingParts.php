<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Stores\Queries\FreeAhead;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Method\RevisionState;

/** Which visits to come will be without their parts as things stand: their day is one on which a part is short. */
final readonly class LackingParts
{
    public function __construct(private FreeAhead $ahead)
    {
    }

    /**
     * @param  list<stdClass>  $visits  schedule_id, planned_on, method_id, level
     * @return array<string, list<string>> names of parts, by schedule and day: "12 2026-03-20"
     */
    public function __invoke(int $siteId, LocalDate $today, LocalDate $until, array $visits): array
    {
        $parts = $this->parts(array_column($visits, 'method_id'));
        $ids = array_values(array_unique(array_map(
            static fn (stdClass $one): int => (int) $one->part_id,
            array_merge(...array_values($parts)),
        )));
        $ahead = $ids === [] ? [] : ($this->ahead)($siteId, $ids, $today, $until);
        $lacking = [];
        foreach ($visits as $visit) {
            $day = LocalDate::parse((string) $visit->planned_on);
            foreach ($day->isAfter($until) ? [] : $parts[(int) $visit->method_id] ?? [] as $part) {
                $of = $ahead[(int) $part->part_id] ?? null;
                if ($of !== null && (int) $part->level <= (int) $visit->level && $of->stair->on($day) < 0) {
                    $lacking["{$visit->schedule_id} {$day}"][] = $of->name;
                }
            }
        }

        return $lacking;
    }

    /**
     * @param  list<mixed>  $methods
     * @return array<int, list<stdClass>> part_id and level, by method
     */
    private function parts(array $methods): array
    {
        $by = [];
        $rows = DB::table('method_parts as p')
            ->join('method_revisions as r', 'r.id', '=', 'p.revision_id')
            ->where('r.state', RevisionState::InForce->value)
            ->whereIn('r.method_id', array_unique($methods))
            ->orderBy('p.id')
            ->get(['r.method_id', 'p.part_id', 'p.level']);
        foreach ($rows as $row) {
            $by[(int) $row->method_id][] = $row;
        }

        return $by;
    }
}
