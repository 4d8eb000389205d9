<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Stores\Inputs\SentForRepair;
use App\Stores\Models\PartRepair;
use App\Stores\Models\Stock;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Sends pieces out for repair: from the shelf with their value, or as they came off a machine, without one. */
final readonly class SendForRepair
{
    public function __construct(private IssueStock $issue, private SiteDays $days, private Audit $audit)
    {
    }

    /** Refuses: not_repaired, no_quantity, past; and as an issue. */
    public function __invoke(
        Actor $by,
        Stock $stock,
        int $thousandths,
        SentForRepair $said,
        Consent $consent,
    ): PartRepair {
        return DB::transaction(function () use ($by, $stock, $thousandths, $said, $consent): PartRepair {
            $today = $this->days->today($stock->site_id);
            $days = $stock->part->repair_days ?? throw InvalidInput::because(
                'not_repaired',
                'form',
                "{$stock->part->name} is not repaired. Say under its facts after how many days one comes back.",
            );
            if ($thousandths <= 0) {
                throw InvalidInput::because('no_quantity', 'quantity', 'Say how many go out.', $thousandths);
            }
            $expected = $said->expectedOn ?? $today->plusDays($days);
            if ($today->isAfter($expected)) {
                throw InvalidInput::because('past', 'expected_on', 'They cannot be expected before they are sent.');
            }
            $cents = $said->cameOff === null ? $this->take($by, $stock, $thousandths, $said, $consent) : 0;
            $repair = PartRepair::query()->create([
                'site_id' => $stock->site_id,
                'stock_id' => $stock->id,
                'supplier_id' => $said->supplierId,
                'quantity' => Quantity::plain($thousandths),
                'value_cents' => $cents,
                'left_cents' => $cents,
                'came_off' => $said->cameOff,
                'sent_on' => (string) $today,
                'expected_on' => (string) $expected,
                'sent_who' => $by->name,
            ]);
            $many = Quantity::words($thousandths);
            $this->audit->record(
                $by,
                $stock->part->subject(),
                "sent {$many} {$stock->part->unit} of {$stock->part->name} for repair",
                ['expected' => [null, (string) $expected]],
            );

            return $repair;
        });
    }

    /** @return int cents that they take along */
    private function take(Actor $by, Stock $stock, int $thousandths, SentForRepair $said, Consent $consent): int
    {
        $move = ($this->issue)(
            $stock->id,
            $thousandths,
            Posting::by($by, MoveKind::Transfer)->for($stock->subject(), 'out for repair')->lots($said->lots),
            $consent,
        );

        return -$move->value_cents;
    }
}
