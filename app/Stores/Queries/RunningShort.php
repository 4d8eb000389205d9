<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\PartDemand;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Support\Quantity;

/** Which parts of a site run short within some days, and when. */
final readonly class RunningShort
{
    public function __construct(private DemandAhead $demand, private ComingIn $coming)
    {
    }

    /**
     * @return Collection<int, array{part: stdClass, stair: FreeStair, first: PartDemand|null}> the first that is short
     *     first
     */
    public function __invoke(int $siteId, LocalDate $today, LocalDate $until): Collection
    {
        $demand = [];
        foreach (($this->demand)($siteId, null, $until) as $one) {
            $demand[$one->partId][] = $one;
        }
        $ids = array_keys($demand);
        $coming = $this->coming->toParts($ids, $siteId);

        return $this->parts($ids, $siteId)
            ->map(static fn (stdClass $part): array => [
                'part' => $part,
                'stair' => FreeStair::of(
                    $today,
                    Quantity::parse((string) $part->on_hand) - Quantity::parse((string) $part->promised),
                    array_map(
                        static fn (PartDemand $one): array => [$one->on, $one->thousandths],
                        $demand[(int) $part->id],
                    ),
                    $coming[(int) $part->id] ?? [],
                ),
                'first' => $demand[(int) $part->id][0] ?? null,
            ])
            ->filter(static fn (array $one): bool => $one['stair']->shortFrom() !== null)
            ->sortBy(static fn (array $one): int => $one['stair']->shortFrom()->epochDay ?? 0)
            ->values();
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, stdClass>
     */
    private function parts(array $ids, int $siteId): Collection
    {
        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->whereIn('s.part_id', $ids)
            ->groupBy('p.id', 'p.number', 'p.name', 'p.unit', 'p.lead_days')
            ->selectRaw('p.id, p.number, p.name, p.unit, p.lead_days')
            ->selectRaw('SUM(s.on_hand) as on_hand, SUM(s.promised) as promised')
            ->get()
            ->toBase();
    }
}
