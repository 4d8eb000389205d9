<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Models\Claim;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\StockHold;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Sets aside all that is promised to something: it is picked, and nobody else takes it any more. */
final readonly class SetAside
{
    public function __construct(private Audit $audit)
    {
    }

    /**
     * @return int how many parts lie set aside for it now
     *
     * Refuses: nothing.
     */
    public function __invoke(Actor $by, Subject $for, string $label): int
    {
        return DB::transaction(function () use ($by, $for, $label): int {
            $parts = 0;
            $claims = Claim::query()
                ->where('subject_kind', $for->kind)
                ->where('subject_id', $for->id)
                ->orderBy('stock_id')
                ->pluck('stock_id');
            StockHold::withAll($claims);
            foreach ($claims as $stockId) {
                $held = HeldStock::lock((int) $stockId);
                $claim = $held->claim(Claim::keyOf($for->kind, $for->id));
                if ($claim !== null && $claim->promised > 0) {
                    $claim->fill(['picked' => $claim->promised])->save();
                    $parts++;
                }
            }
            if ($parts === 0) {
                throw InvalidInput::because(
                    'nothing',
                    'form',
                    "Nothing is promised to {$label} that could be set aside.",
                );
            }
            $this->audit->record($by, $for, "set aside the parts of {$label}", ['parts' => [null, $parts]]);

            return $parts;
        });
    }
}
