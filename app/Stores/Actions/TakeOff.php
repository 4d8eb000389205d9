<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Models\StockLot;
use App\Stores\Stock\Fittings;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;

/** Notes that a piece with a serial number was taken off its asset, and why; it does not come back to the shelf. */
final readonly class TakeOff
{
    public function __construct(private Fittings $fittings, private Audit $audit)
    {
    }

    /** Refuses: not_fitted, no_reason. */
    public function __invoke(Actor $by, StockLot $lot, string $reason): void
    {
        DB::transaction(function () use ($by, $lot, $reason): void {
            $lot = StockLot::query()->lockForUpdate()->findOrFail($lot->id);
            $asset = $lot->asset_id ?? throw InvalidInput::because(
                'not_fitted',
                'off_reason',
                "{$lot->name} is fitted nowhere.",
            );
            if (trim($reason) === '') {
                throw InvalidInput::because('no_reason', 'off_reason', 'Say why it was taken off.');
            }
            $this->fittings->remove($lot, Posting::by($by, MoveKind::Return)->because($reason));
            $part = $lot->stock->part;
            $this->audit->record(
                $by,
                $part->subject(),
                "took {$part->number} {$lot->name} off",
                [],
                $reason,
                [Subject::of('asset', $asset, $lot->site_id)],
            );
        });
    }
}
