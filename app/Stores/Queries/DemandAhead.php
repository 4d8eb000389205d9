<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Extension\Extensions;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** What will be taken of parts: by visits to come, by orders that are planned, by approved ones that are short. */
final readonly class DemandAhead
{
    public function __construct(private Extensions $extensions)
    {
    }

    /**
     * @param  list<int>|null  $partIds  null: of all parts
     * @return list<DayDemand> first day first
     */
    public function totals(int $siteId, ?array $partIds, LocalDate $until): array
    {
        $demand = [$this->owedByDay($siteId, $partIds, $until)];
        foreach ($this->extensions->of(DemandSource::class) as $source) {
            $demand[] = $source->totals($siteId, $partIds, $until);
        }
        // Thousands of sums on few days: laid by day, they need not be compared with each other.
        $days = [];
        foreach ($demand as $some) {
            foreach ($some as $one) {
                $days[$one->on->epochDay][] = $one;
            }
        }
        ksort($days);

        return array_merge(...$days);
    }

    /** @return list<PartDemand> by name, the first first */
    public function first(AskedFor $asked): array
    {
        return $this->firstOf($asked)[$asked->partId] ?? [];
    }

    /** @return array<int, list<PartDemand>> by name and part, the first first */
    public function firstOf(AskedFor ...$asked): array
    {
        if ($asked === []) {
            return [];
        }
        $demand = [$this->owed(...$asked)];
        foreach ($this->extensions->of(DemandSource::class) as $source) {
            $demand[] = $source->first(...$asked);
        }
        $demand = array_merge(...$demand);
        usort($demand, static fn (PartDemand $a, PartDemand $b): int => $a->on->epochDay <=> $b->on->epochDay);
        $by = [];
        foreach ($demand as $one) {
            $by[$one->partId][] = $one;
        }
        foreach ($asked as $one) {
            $by[$one->partId] = array_slice($by[$one->partId] ?? [], 0, $one->most);
        }

        return $by;
    }

    /**
     * What approved orders want and was not there to be promised.
     *
     * @param  list<int>|null  $partIds
     * @return list<DayDemand>
     */
    private function owedByDay(int $siteId, ?array $partIds, LocalDate $until): array
    {
        $rows = $this->claims($siteId, $until)
            ->when($partIds !== null, static fn (Builder $some) => $some->whereIn('s.part_id', $partIds ?? []))
            ->groupBy('s.part_id', 'needed')
            ->selectRaw('s.part_id, SUM(c.quantity - c.promised) as many')
            ->get();

        return array_values($rows->map(static fn (stdClass $one): DayDemand => new DayDemand(
            (int) $one->part_id,
            LocalDate::parse((string) $one->needed),
            Quantity::parse((string) $one->many),
            DemandKind::Approved,
        ))->all());
    }

    /** @return list<PartDemand> */
    private function owed(AskedFor ...$asked): array
    {
        $asked = AskedFor::maybe(DemandKind::Approved, ...$asked);
        if ($asked === []) {
            return [];
        }
        $by = AskedFor::byPart(...$asked);
        $rows = $this->claims($asked[0]->siteId, AskedFor::latest(...$asked))
            ->whereIn('s.part_id', array_keys($by))
            ->orderBy('needed')
            ->addSelect(['s.part_id', 'c.label', 'c.subject_kind', 'c.subject_id'])
            ->selectRaw('c.quantity - c.promised as many')
            ->get();
        $demand = [];
        foreach ($rows as $one) {
            if ($by[(int) $one->part_id]->holds((string) $one->needed)) {
                $demand[] = new PartDemand(
                    (int) $one->part_id,
                    LocalDate::parse((string) $one->needed),
                    Quantity::parse((string) $one->many),
                    (string) $one->label,
                    "/{$one->subject_kind}s/{$one->subject_id}",
                    DemandKind::Approved,
                );
            }
        }

        return $demand;
    }

    private function claims(int $siteId, LocalDate $until): Builder
    {
        $needed = 'COALESCE(c.needed_on, DATE(c.approved_at))';

        return DB::table('part_claims as c')
            ->join('stock as s', 's.id', '=', 'c.stock_id')
            ->where('c.site_id', $siteId)
            ->whereColumn('c.promised', '<', 'c.quantity')
            ->where(static fn (Builder $any) => $any
                ->whereNull('c.needed_on')
                ->orWhere('c.needed_on', '<=', (string) $until))
            ->selectRaw("{$needed} as needed");
    }
}
