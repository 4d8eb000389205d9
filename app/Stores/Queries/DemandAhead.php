<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Extension\Extensions;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\DemandSource;
use App\Stores\Demand\PartDemand;
use Illuminate\Support\Facades\DB;
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
     * @return list<PartDemand> first day first
     */
    public function __invoke(int $siteId, ?array $partIds, LocalDate $until): array
    {
        $demand = $this->owed($siteId, $partIds, $until);
        foreach ($this->extensions->of(DemandSource::class) as $source) {
            $demand = [...$demand, ...$source->demand($siteId, $partIds, $until)];
        }
        usort($demand, static fn (PartDemand $a, PartDemand $b): int => $a->on->epochDay <=> $b->on->epochDay);

        return $demand;
    }

    /**
     * What approved orders want and was not there to be promised.
     *
     * @param  list<int>|null  $partIds
     * @return list<PartDemand>
     */
    private function owed(int $siteId, ?array $partIds, LocalDate $until): array
    {
        return array_values(
            DB::table('part_claims as c')
                ->join('stock as s', 's.id', '=', 'c.stock_id')
                ->where('c.site_id', $siteId)
                ->whereColumn('c.promised', '<', 'c.quantity')
                ->where(static fn ($any) => $any
                    ->whereNull('c.needed_on')
                    ->orWhere('c.needed_on', '<=', (string) $until))
                ->when($partIds !== null, static fn ($some) => $some->whereIn('s.part_id', $partIds ?? []))
                ->get(['s.part_id', 'c.needed_on', 'c.approved_at', 'c.quantity', 'c.promised', 'c.label',
                    'c.subject_kind', 'c.subject_id'])
                ->map(static fn (object $one): PartDemand => new PartDemand(
                    (int) $one->part_id,
                    LocalDate::parse(substr((string) ($one->needed_on ?? $one->approved_at), 0, 10)),
                    Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->promised),
                    (string) $one->label,
                    "/{$one->subject_kind}s/{$one->subject_id}",
                    DemandKind::Approved,
                ))
                ->all(),
        );
    }
}
