<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Subject;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;

/** Carries a part from one store of a site to another, with its value. */
final readonly class MoveToStore
{
    public function __construct(private IssueStock $issue, private StockLedger $ledger, private StockInStore $rows)
    {
    }

    /** Refuses: same_store; and as an issue. */
    public function __invoke(
        Actor $by,
        Stock $from,
        int $storeId,
        int $thousandths,
        Consent $consent,
        ?string $reason = null,
        ?LotsTyped $lots = null,
    ): Movement {
        return DB::transaction(function () use (
            $by,
            $from,
            $storeId,
            $thousandths,
            $consent,
            $reason,
            $lots,
        ): Movement {
            $to = ($this->rows)($from->part_id, $storeId);
            if ($to->id === $from->id) {
                throw InvalidInput::because('same_store', 'store_id', 'It lies there already. Choose another store.');
            }
            $from->loadMissing('store');
            $out = ($this->issue)(
                $from->id,
                $thousandths,
                Posting::by($by, MoveKind::Transfer)
                    ->for(Subject::of('stock', $to->id, $to->site_id), "to {$to->store->name}")
                    ->because($reason)
                    ->lots($lots ?? LotsTyped::of(null)),
                $consent,
            );
            $held = HeldStock::lock($to->id);
            $in = $this->ledger->post(
                $held,
                $held->row->balance()->receiveWorth($thousandths, -$out->value_cents),
                Posting::by($by, MoveKind::Transfer)
                    ->for($from->subject(), "from {$from->store->name}")
                    ->of($out->id)
                    ->because($reason),
            );
            $held->refill();

            return $in;
        });
    }
}
