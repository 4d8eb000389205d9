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
    private const NEEDED = 'COALESCE(c.needed_on, DATE(c.approved_at))';

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
        // Added up by shelf before it is looked up what lies there: few shelves lack anything.
        $sums = $this->lacking($siteId)
            ->where(static fn (Builder $any) => $any
                ->whereNull('c.needed_on')
                ->orWhere('c.needed_on', '<=', (string) $until))
            ->when($partIds !== null, static fn (Builder $some) => $some
                ->join('stock as k', 'k.id', '=', 'c.stock_id')
                ->whereIn('k.part_id', $partIds ?? []))
            ->groupBy('c.stock_id', 'needed')
            ->selectRaw('c.stock_id, '.self::NEEDED.' as needed, SUM(c.quantity - c.promised) as many');
        $rows = DB::query()
            ->fromSub($sums, 'c')
            ->join('stock as s', 's.id', '=', 'c.stock_id')
            ->groupBy('s.part_id', 'c.needed')
            ->selectRaw('s.part_id, c.needed, SUM(c.many) as many')
            ->get();

        return DayDemand::read($rows, DemandKind::Approved);
    }

    /** @return list<PartDemand> */
    private function owed(AskedFor ...$asked): array
    {
        $asked = AskedFor::maybe(DemandKind::Approved, ...$asked);
        if ($asked === []) {
            return [];
        }
        $most = max(array_map(static fn (AskedFor $one): int => $one->most, $asked));
        $rows = DB::query()
            ->fromSub($this->inTurn($asked), 'f')
            ->join('part_claims as c', 'c.id', '=', 'f.id')
            ->where('f.place', '<=', $most)
            ->orderBy('f.needed')
            ->orderBy('f.id')
            ->select(['f.part_id', 'f.needed', 'c.label', 'c.subject_kind', 'c.subject_id'])
            ->selectRaw('c.quantity - c.promised as many')
            ->get();

        return array_values($rows->map(static fn (stdClass $one): PartDemand => new PartDemand(
            (int) $one->part_id,
            LocalDate::parse((string) $one->needed),
            Quantity::parse((string) $one->many),
            (string) $one->label,
            "/{$one->subject_kind}s/{$one->subject_id}",
            DemandKind::Approved,
        ))->all());
    }

    /**
     * The claims that lack something of each part within its days, numbered as they are needed: of some thousand the
     * first few are named, and no other is read.
     *
     * @param  non-empty-list<AskedFor>  $asked
     */
    private function inTurn(array $asked): Builder
    {
        $wanted = implode(' UNION ALL ', array_fill(0, count($asked), 'SELECT ? as part_id, ? as since, ? as until'));
        $of = array_map(static fn (AskedFor $one): array => [
            $one->partId,
            $one->since(),
            (string) $one->until,
        ], $asked);
        $needed = self::NEEDED;

        return $this->lacking($asked[0]->siteId)
            ->join('stock as s', 's.id', '=', 'c.stock_id')
            ->join(DB::raw("({$wanted}) as w"), 'w.part_id', '=', 's.part_id')
            ->addBinding(array_merge(...$of), 'join')
            ->whereRaw("{$needed} BETWEEN w.since AND w.until")
            ->selectRaw("c.id, s.part_id, {$needed} as needed")
            ->selectRaw("ROW_NUMBER() OVER (PARTITION BY s.part_id ORDER BY {$needed}, c.id) as place");
    }

    /** What approved orders claim and is not promised to them. */
    private function lacking(int $siteId): Builder
    {
        return DB::table('part_claims as c')->where('c.site_id', $siteId)->where('c.is_lacking', 1);
    }
}
