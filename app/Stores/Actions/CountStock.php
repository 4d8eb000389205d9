<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Stores\Inputs\Counted;
use App\Stores\Models\Movement;
use App\Stores\Queries\StoreRulesOf;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Stock\YearlyValue;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Stands the books where the shelf was counted. What moved since it was counted is taken into account; a big difference
 * says why, and a second person has seen it.
 */
final readonly class CountStock
{
    public function __construct(private StockLedger $ledger, private StoreRulesOf $rules, private SiteDays $days)
    {
    }

    /**
     * @return Movement|null null: it was as the books say
     *
     * Refuses: below_zero, no_price, no_reason, no_second.
     */
    public function __invoke(Actor $by, int $stockId, Counted $counted): ?Movement
    {
        return DB::transaction(function () use ($by, $stockId, $counted): ?Movement {
            $held = HeldStock::lock($stockId);
            $row = $held->row;
            $today = $this->days->today($row->site_id);
            $row->counted_on = (string) $today;
            $row->count_due_on = (string) $today->plusDays(YearlyValue::countedAgainAfter($row->abc));
            $difference = $counted->difference($row->balance()->onHand);
            if ($difference === 0) {
                $row->save();

                return null;
            }
            $now = $row->balance()->onHand + $difference;
            if ($now < 0) {
                throw InvalidInput::because(
                    'below_zero',
                    'counted',
                    'More was taken since it was counted than was counted. Count it again.',
                );
            }
            $move = $row->balance()->count($now, $counted->price);
            $this->rules->ofSite($row->site_id)->checkSeen(
                $move->cents,
                'This is a big difference ('.Quantity::words($move->quantity).')',
                $counted->reason,
                $by->id,
                $counted->second?->id,
            );
            $promised = $held->promises();
            $after = $promised->count($promised->onHand + $difference, Consent::WithRight)->after;
            $posted = $this->ledger->post(
                $held,
                $move,
                $counted->on(Posting::by($by, MoveKind::Count))->seenBy($counted->second?->name),
            );
            $held->keep($after);
            if ($difference > 0) {
                $held->refill();
            }

            return $posted;
        });
    }
}
