<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Stores\Models\Stock;
use App\Stores\Queries\OfSubjects;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\MoveKind;
use Sundial\Support\Quantity;

/**
 * Notes what is asked of a part by somebody, and how much of it was there at once: from it the service that was reached
 * is counted. What was noted already is not noted again, whether it is claimed, handed over or given back meanwhile.
 */
final readonly class DemandsNoted
{
    public function __construct(private SiteDays $days)
    {
    }

    /** All of one site. */
    public function keep(DemandMade ...$made): void
    {
        if ($made === []) {
            return;
        }
        $asked = $this->sums($made);
        $rows = [];
        foreach ($made as $one) {
            $new = $asked[$one->key()] ?? 0;
            if ($new > 0) {
                $rows[] = [
                    'site_id' => $one->stock->site_id,
                    'stock_id' => $one->stock->id,
                    'subject_kind' => $one->for->kind,
                    'subject_id' => $one->for->id,
                    'label' => $one->label,
                    'quantity' => Quantity::plain($new),
                    'at_once' => Quantity::plain(max(0, min($new, $one->atOnce))),
                    'demanded_on' => (string) $this->days->today($one->stock->site_id),
                ];
            }
        }
        DB::table('stock_demands')->insert($rows);
    }

    /**
     * What each claims and was handed over, over all stores of the site, less what was noted of it.
     *
     * @param  non-empty-array<DemandMade>  $made
     * @return array<string, int> thousandths by key of the demand
     */
    private function sums(array $made): array
    {
        $parts = Stock::query()
            ->where('site_id', $made[array_key_first($made)]->stock->site_id)
            ->whereIn('part_id', array_map(static fn (DemandMade $one): int => $one->stock->part_id, $made))
            ->pluck('part_id', 'id');
        $rows = $this->of($made, $parts, 'part_claims', 1)
            ->unionAll(
                $this->of($made, $parts, 'stock_moves', -1)->whereIn('kind', [
                    MoveKind::Issue->value,
                    MoveKind::Return->value,
                ]),
            )
            ->unionAll($this->of($made, $parts, 'stock_demands', -1))
            ->get();
        $sums = [];
        foreach ($rows as $row) {
            $key = "{$row->subject_kind} {$row->subject_id} {$parts[$row->stock_id]}";
            $sums[$key] = ($sums[$key] ?? 0) + Quantity::parse((string) $row->quantity);
        }

        return $sums;
    }

    /**
     * @param  non-empty-array<DemandMade>  $made
     * @param  Collection<array-key, mixed>  $parts  by stock
     * @param  int  $sign  1: asked; -1: of what is kept as less than nothing, or is taken off
     */
    private function of(array $made, Collection $parts, string $table, int $sign): Builder
    {
        return DB::table($table)
            ->where(OfSubjects::any(...array_map(static fn (DemandMade $one): Subject => $one->for, $made)))
            ->whereIn('stock_id', $parts->keys())
            ->groupBy('subject_kind', 'subject_id', 'stock_id')
            ->selectRaw("subject_kind, subject_id, stock_id, {$sign} * SUM(quantity) as quantity");
    }
}
