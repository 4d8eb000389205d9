<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Sites\SiteDays;
use App\Stores\Models\StockLot;
use Illuminate\Support\Facades\DB;

/** Notes which piece was fitted to which asset, and when it was taken off. */
final readonly class Fittings
{
    public function __construct(private SiteDays $days)
    {
    }

    /** Nothing where whoever takes it works on no asset, or on several. */
    public function fit(StockLot $lot, Posting $posting): void
    {
        if ($posting->assetId === null) {
            return;
        }
        $lot->fill(['asset_id' => $posting->assetId, 'fitted_on' => $this->today($lot)])->save();
        $this->note($lot, $posting, $posting->assetId, 'fitted');
    }

    public function remove(StockLot $lot, Posting $posting): void
    {
        $from = $lot->asset_id;
        if ($from !== null) {
            $lot->fill(['asset_id' => null, 'fitted_on' => null])->save();
            $this->note($lot, $posting, $from, 'removed');
        }
    }

    private function note(StockLot $lot, Posting $posting, int $assetId, string $did): void
    {
        DB::table('lot_fittings')->insert([
            'lot_id' => $lot->id,
            'asset_id' => $assetId,
            'did' => $did,
            'did_on' => $this->today($lot),
            'subject_kind' => $posting->for?->kind,
            'subject_id' => $posting->for?->id,
            'label' => $posting->label ?? $posting->reason,
            'who' => $posting->by->name,
        ]);
    }

    private function today(StockLot $lot): string
    {
        return (string) $this->days->today($lot->site_id);
    }
}
