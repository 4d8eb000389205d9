<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Extension\Extensions;
use App\Platform\Sites\SiteDays;
use App\Stores\Demand\UnplannedUse;
use App\Stores\Inputs\Holding;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\FailureDemand;
use Sundial\Stock\ServiceLevel;

/** What is known of how parts fail and come again, where nobody said more: what stands in the fields at first. */
final readonly class HoldingBasis
{
    /** Days back in which failures are counted. */
    private const BACK = 548;

    public function __construct(private Extensions $extensions, private SiteDays $days, private StoreRulesOf $rules)
    {
    }

    /**
     * @param  iterable<Part>  $parts
     * @return array<int, array<string, string>> by part
     */
    public function usual(iterable $parts, int $siteId): array
    {
        $by = [];
        foreach ($parts as $part) {
            $by[$part->id] = $part;
        }
        $used = $this->used($siteId, array_keys($by));
        $fitted = $this->fitted($siteId, array_keys($by));
        $rules = $this->rules->ofSite($siteId);

        return array_map(static function (Part $part) use ($used, $fitted, $rules): array {
            $units = max(1, $fitted[$part->id] ?? 1);
            $rate = FailureDemand::counted($used[$part->id] ?? 0, $units, self::BACK / Holding::YEAR);

            return [
                'source' => 'counted',
                'rate' => rtrim(rtrim(number_format($rate, 5, '.', ''), '0'), '.') ?: '0',
                'units' => (string) $units,
                'policy' => 'run_to_failure',
                'beta' => '2',
                'eta' => '1000',
                'interval' => '365',
                'exposure' => $part->repair_days === null ? 'resupply' : 'repair',
                'turnaround' => (string) ($part->repair_days ?? 30),
                'scrapped' => (string) $part->scrapped_percent,
                'review' => (string) $rules->reviewDays,
                'length' => (string) $rules->window($part->lead_days),
                'service' => (string) ServiceLevel::usual($part->criticality),
                'holding' => '20',
            ];
        }, $by);
    }

    /** @return array<string, string> as somebody agreed on it for this stock */
    public static function agreed(Stock $stock): array
    {
        $kept = json_decode($stock->holding ?? 'null', true);

        return is_array($kept) ? array_map(strval(...), $kept) : [];
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, int>
     */
    private function used(int $siteId, array $ids): array
    {
        $from = $this->days->today($siteId)->plusDays(-self::BACK);
        $used = [];
        foreach ($this->extensions->of(UnplannedUse::class) as $source) {
            foreach ($source->usedSince($siteId, $ids, $from) as $part => $many) {
                $used[$part] = ($used[$part] ?? 0) + $many;
            }
        }

        return $used;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, int> how many are fitted at the site
     */
    private function fitted(int $siteId, array $ids): array
    {
        $own = DB::table('fits as f')
            ->join('assets as a', 'a.id', '=', 'f.asset_id')
            ->where('a.site_id', $siteId)
            ->whereIn('f.part_id', $ids)
            ->groupBy('f.part_id')
            ->selectRaw('f.part_id, SUM(f.quantity) as many')
            ->pluck('many', 'part_id');
        $class = DB::table('fits as f')
            ->join('assets as a', 'a.class_id', '=', 'f.class_id')
            ->where('a.site_id', $siteId)
            ->whereIn('f.part_id', $ids)
            ->groupBy('f.part_id')
            ->selectRaw('f.part_id, SUM(f.quantity) as many')
            ->pluck('many', 'part_id');
        $all = [];
        foreach ([$own, $class] as $some) {
            foreach ($some as $part => $many) {
                $all[(int) $part] = ($all[(int) $part] ?? 0) + (int) round((float) $many);
            }
        }

        return $all;
    }
}
