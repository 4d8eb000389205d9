<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\Quantity;

/** What visits to come will take of parts, as the revisions in force plan it; those in hand are their orders' own. */
final readonly class PartsOfVisits implements DemandSource
{
    public function demand(int $siteId, ?array $partIds, LocalDate $until): array
    {
        return array_values(
            DB::table('method_parts as p')
                ->join('method_revisions as r', 'r.id', '=', 'p.revision_id')
                ->where('r.state', RevisionState::InForce->value)
                ->join('coming_visits as v', static fn ($on) => $on
                    ->on('v.method_id', '=', 'r.method_id')
                    ->on('v.level', '>=', 'p.level'))
                ->join('schedules as s', 's.id', '=', 'v.schedule_id')
                ->join('schedule_standings as t', 't.schedule_id', '=', 's.id')
                ->join('assets as a', 'a.id', '=', 'v.asset_id')
                ->where('v.site_id', $siteId)
                ->where('v.planned_on', '<=', (string) $until)
                ->where(static fn ($any) => $any
                    ->whereNull('t.in_hand')
                    ->orWhereColumn('v.planned_on', '<>', 't.next_due_on'))
                ->when($partIds !== null, static fn ($some) => $some->whereIn('p.part_id', $partIds ?? []))
                ->groupBy('v.schedule_id', 'v.planned_on', 'p.part_id', 's.name', 'a.tag')
                ->selectRaw('v.schedule_id, v.planned_on, p.part_id, s.name, a.tag, SUM(p.quantity) as quantity')
                ->get()
                ->map(static fn (object $one): PartDemand => new PartDemand(
                    (int) $one->part_id,
                    LocalDate::parse((string) $one->planned_on),
                    Quantity::parse((string) $one->quantity),
                    "{$one->name} {$one->tag}",
                    "/schedules/{$one->schedule_id}",
                    DemandKind::Visit,
                ))
                ->all(),
        );
    }
}
