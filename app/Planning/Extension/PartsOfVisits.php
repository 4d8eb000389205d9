<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\Quantity;

/** What visits to come will take of parts, as the revisions in force plan it; those in hand are their orders' own. */
final readonly class PartsOfVisits implements DemandSource
{
    public function totals(int $siteId, ?array $partIds, LocalDate $until): array
    {
        return DayDemand::read($this->taken($siteId, $partIds, $until), DemandKind::Visit);
    }

    public function first(AskedFor ...$asked): array
    {
        $all = null;
        $asked = $this->days(...$asked);
        $uses = $asked === [] ? [] : $this->uses(...array_column($asked, 0));
        foreach ($asked as [$one, $days]) {
            foreach ($uses[$one->partId] ?? [] as $methodId => $levels) {
                $some = $this->visits($one, $days, $methodId, min(array_column($levels, 0)));
                $all = $all === null ? $some : $all->unionAll($some);
            }
        }
        $rows = $all === null ? [] : $this->named($all);
        $demand = [];
        foreach ($rows as $one) {
            $demand[] = new PartDemand(
                (int) $one->part_id,
                LocalDate::parse((string) $one->planned_on),
                self::many((int) $one->level, $uses[(int) $one->part_id][(int) $one->method_id]),
                "{$one->name} {$one->tag}",
                "/schedules/{$one->schedule_id}",
                DemandKind::Visit,
            );
        }

        return $demand;
    }

    /**
     * On which days visits take some, where that is known, or else as the sums of the outlook say: no other day is
     * looked at.
     *
     * @return list<array{AskedFor, list<string>}>
     */
    private function days(AskedFor ...$asked): array
    {
        $first = [];
        $unknown = [];
        foreach ($asked as $one) {
            $days = $one->days(DemandKind::Visit);
            if ($days === null) {
                $unknown[] = $one;
            } elseif ($days !== []) {
                $first[] = [$one, array_slice($days, 0, $one->most)];
            }
        }

        return [...$first, ...$this->daysOfLoads(...$unknown)];
    }

    /** @return list<array{AskedFor, list<string>}> */
    private function daysOfLoads(AskedFor ...$asked): array
    {
        if ($asked === []) {
            return [];
        }
        $by = AskedFor::byPart(...$asked);
        $until = AskedFor::latest(...array_values($asked));
        $days = [];
        foreach ($this->taken(reset($asked)->siteId, array_keys($by), $until) as $one) {
            if ($by[(int) $one->part_id]->holds((string) $one->needed)) {
                $days[(int) $one->part_id][] = (string) $one->needed;
            }
        }
        $first = [];
        foreach ($days as $partId => $some) {
            sort($some);
            $first[] = [$by[$partId], array_slice($some, 0, $by[$partId]->most)];
        }

        return $first;
    }

    /**
     * @return array<int, array<int, non-empty-list<array{int, int}>>> by part and method: from which level on it takes
     *     how many
     */
    private function uses(AskedFor ...$asked): array
    {
        $rows = $this->parts(array_map(static fn (AskedFor $one): int => $one->partId, array_values($asked)))
            ->get(['p.part_id', 'r.method_id', 'p.level', 'p.quantity']);
        $uses = [];
        foreach ($rows as $one) {
            $uses[(int) $one->part_id][(int) $one->method_id][] = [
                (int) $one->level,
                Quantity::parse((string) $one->quantity),
            ];
        }

        return $uses;
    }

    /** @param  list<array{int, int}>  $levels  from which level on how many */
    private static function many(int $level, array $levels): int
    {
        return array_sum(array_map(static fn (array $one): int => $one[0] <= $level ? $one[1] : 0, $levels));
    }

    /**
     * The first visits of a method on some days, in the order of their index: however many others lie there, they are
     * not read.
     *
     * @param  list<string>  $days
     */
    private function visits(AskedFor $asked, array $days, int $methodId, int $level): Builder
    {
        return DB::table('coming_visits as v')
            ->join('schedule_standings as t', 't.schedule_id', '=', 'v.schedule_id')
            ->where('v.site_id', $asked->siteId)
            ->where('v.method_id', $methodId)
            ->where('v.level', '>=', $level)
            ->whereIn('v.planned_on', $days)
            ->where(static fn (Builder $any) => $any
                ->whereNull('t.in_hand')
                ->orWhereColumn('v.planned_on', '<>', 't.next_due_on'))
            ->orderBy('v.planned_on')
            ->orderBy('v.level')
            ->orderBy('v.schedule_id')
            ->limit($asked->most)
            ->selectRaw('? as part_id', [$asked->partId])
            ->addSelect(['v.schedule_id', 'v.planned_on', 'v.level', 'v.method_id', 'v.asset_id']);
    }

    /** @return iterable<stdClass> the same with the names of their schedules and assets */
    private function named(Builder $visits): iterable
    {
        return DB::query()
            ->fromSub($visits, 'v')
            ->join('schedules as s', 's.id', '=', 'v.schedule_id')
            ->join('assets as a', 'a.id', '=', 'v.asset_id')
            ->orderBy('v.planned_on')
            ->orderBy('v.schedule_id')
            ->get(['v.part_id', 'v.method_id', 'v.level', 'v.schedule_id', 'v.planned_on', 's.name', 'a.tag']);
    }

    /**
     * What visits take, which are added up by method, level and day before their parts are looked at: those that the
     * outlook counts, less those for which an order is open, as what these take is planned there.
     *
     * @param  list<int>|null  $partIds
     * @return iterable<stdClass> part_id, needed, many
     */
    private function taken(int $siteId, ?array $partIds, LocalDate $until): iterable
    {
        $visits = $this->some($partIds, 'method_id', DB::table('outlook_loads')
            ->where('site_id', $siteId)
            ->where('planned_on', '<=', (string) $until)
            ->groupBy('planned_on', 'method_id', 'level')
            ->selectRaw('planned_on, method_id, level, SUM(visits) as visits'));
        $inHand = $this->some($partIds, 'next_method_id', DB::table('schedule_standings')
            ->where('site_id', $siteId)
            ->whereNotNull('visit_id')
            ->where('next_due_on', '<=', (string) $until)
            ->whereNotNull('next_level')
            ->groupBy('next_due_on', 'next_method_id', 'next_level')
            ->selectRaw('next_due_on, next_method_id, next_level, -COUNT(*)'));

        return $this->parts($partIds)
            ->joinSub($visits->unionAll($inHand), 'h', static fn ($both) => $both
                ->on('h.method_id', '=', 'r.method_id')
                ->on('h.level', '>=', 'p.level'))
            ->groupBy('p.part_id', 'h.planned_on')
            ->havingRaw('many > 0')
            ->selectRaw('p.part_id, h.planned_on as needed, SUM(h.visits * p.quantity) as many')
            ->get();
    }

    /** @param  list<int>|null  $partIds  of the methods that need them; null: of all */
    private function some(?array $partIds, string $methodId, Builder $visits): Builder
    {
        return $visits->when($partIds !== null, fn (Builder $some) => $some
            ->whereIn($methodId, $this->parts($partIds)->select('r.method_id')));
    }

    /**
     * @param  list<int>|null  $partIds
     * @return Builder parts as p of the revisions in force as r
     */
    private function parts(?array $partIds): Builder
    {
        return DB::table('method_parts as p')
            ->join('method_revisions as r', 'r.id', '=', 'p.revision_id')
            ->where('r.state', RevisionState::InForce->value)
            ->when($partIds !== null, static fn (Builder $some) => $some->whereIn('p.part_id', $partIds ?? []));
    }
}
