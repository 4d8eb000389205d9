<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Stores\Models\Stock;
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

    /** @param  int  $atOnce  thousandths that were there for it */
    public function keep(Stock $row, Subject $for, string $label, int $atOnce): void
    {
        $new = $this->claimed($row, $for) + $this->handedOver($row, $for) - $this->noted($row, $for);
        if ($new <= 0) {
            return;
        }
        DB::table('stock_demands')->insert([
            'site_id' => $row->site_id,
            'stock_id' => $row->id,
            'subject_kind' => $for->kind,
            'subject_id' => $for->id,
            'label' => $label,
            'quantity' => Quantity::plain($new),
            'at_once' => Quantity::plain(max(0, min($new, $atOnce))),
            'demanded_on' => (string) $this->days->today($row->site_id),
        ]);
    }

    private function claimed(Stock $row, Subject $for): int
    {
        return $this->sum('part_claims', 'quantity', $row, $for, null);
    }

    private function handedOver(Stock $row, Subject $for): int
    {
        return -$this->sum('stock_moves', 'quantity', $row, $for, [MoveKind::Issue->value, MoveKind::Return->value]);
    }

    private function noted(Stock $row, Subject $for): int
    {
        return $this->sum('stock_demands', 'quantity', $row, $for, null);
    }

    /**
     * Over all stores of the site.
     *
     * @param  list<string>|null  $kinds
     */
    private function sum(string $table, string $column, Stock $row, Subject $for, ?array $kinds): int
    {
        return Quantity::parse((string) (DB::table("{$table} as x")
            ->join('stock as s', 's.id', '=', 'x.stock_id')
            ->where('x.subject_kind', $for->kind)
            ->where('x.subject_id', $for->id)
            ->where('s.part_id', $row->part_id)
            ->where('s.site_id', $row->site_id)
            ->when($kinds !== null, static fn ($some) => $some->whereIn('x.kind', $kinds))
            ->sum("x.{$column}")));
    }
}
