<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;
use Sundial\Work\OrderState;
use Sundial\Work\Plan\PartSource;

/** What orders plan to take from the stores that nobody approved yet; approved ones have claimed theirs. */
final readonly class PartsOfPlannedOrders implements DemandSource
{
    private const NEEDED = 'COALESCE(o.planned_on, o.due_on, DATE(o.created_at))';

    public function totals(int $siteId, ?array $partIds, LocalDate $until): array
    {
        $rows = $this->lines($siteId, $until)
            ->when($partIds !== null, static fn (Builder $some) => $some->whereIn('p.part_id', $partIds ?? []))
            ->groupBy('p.part_id', 'needed')
            ->selectRaw('p.part_id, SUM(p.quantity) as many, '.self::NEEDED.' as needed')
            ->get();

        return DayDemand::read($rows, DemandKind::Planned);
    }

    public function first(AskedFor ...$asked): array
    {
        $asked = AskedFor::maybe(DemandKind::Planned, ...$asked);
        if ($asked === []) {
            return [];
        }
        $by = AskedFor::byPart(...$asked);
        $rows = $this->lines($asked[0]->siteId, AskedFor::latest(...$asked))
            ->whereIn('p.part_id', array_keys($by))
            ->groupBy('o.id', 'o.number', 'o.title', 'needed', 'p.part_id')
            ->orderBy('needed')
            ->selectRaw('o.id, o.number, o.title, p.part_id, SUM(p.quantity) as many, '.self::NEEDED.' as needed')
            ->get();
        $demand = [];
        foreach ($rows as $one) {
            if ($by[(int) $one->part_id]->holds((string) $one->needed)) {
                $demand[] = new PartDemand(
                    (int) $one->part_id,
                    LocalDate::parse((string) $one->needed),
                    Quantity::parse((string) $one->many),
                    "W-{$one->number} {$one->title}",
                    "/orders/{$one->id}",
                    DemandKind::Planned,
                );
            }
        }

        return $demand;
    }

    private function lines(int $siteId, LocalDate $until): Builder
    {
        return DB::table('work_orders as o')
            ->join('order_parts as p', 'p.order_id', '=', 'o.id')
            ->where('o.site_id', $siteId)
            ->whereIn('o.state', [OrderState::Draft->value, OrderState::Planned->value])
            ->where('p.source', PartSource::FromStore->value)
            ->whereRaw(self::NEEDED.' <= ?', [(string) $until]);
    }
}
