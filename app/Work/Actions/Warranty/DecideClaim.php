<?php

declare(strict_types=1);

namespace App\Work\Actions\Warranty;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Actions\Booking\BookService;
use App\Work\Inputs\Invoice;
use App\Work\Models\OrderAsset;
use App\Work\Models\WarrantyClaim;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Work\Warranty\ClaimState;
use Sundial\Work\Warranty\Warranty;

/** Writes down what became of a claim; what was granted is booked against the order, for the asset it is about. */
final readonly class DecideClaim
{
    public function __construct(private BookService $book, private SiteDays $days, private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        WarrantyClaim $claim,
        ClaimState $state,
        ?int $credit,
        ?string $reason,
    ): WarrantyClaim {
        return DB::transaction(function () use ($by, $claim, $state, $credit, $reason): WarrantyClaim {
            $claim = WarrantyClaim::query()->lockForUpdate()->findOrFail($claim->id);
            if (! $claim->state->isOpen()) {
                $says = "{$claim->label()} was {$claim->state->value} already.";
                throw InvalidInput::because('decided', 'claim', $says);
            }
            Warranty::checkDecision($state, $credit, $reason);
            if ($state === ClaimState::Granted) {
                $row = OrderAsset::query()
                    ->where(['order_id' => $claim->order_id, 'asset_id' => $claim->asset_id])
                    ->value('id');
                $invoice = Invoice::of(
                    "Credit, warranty {$claim->label()}",
                    '-'.Money::plain((int) $credit),
                    $claim->supplier_id,
                    $claim->reference,
                );
                ($this->book)($by, $claim->order, $invoice->onRow($row === null ? null : (int) $row));
            }
            $claim->fill([
                'state' => $state,
                'credit_cents' => $state === ClaimState::Granted ? $credit : null,
                'reason' => $reason,
                'decided_on' => (string) $this->days->today($claim->site_id),
            ])->save();
            $this->audit->record(
                $by,
                $claim->order->subject(),
                "{$claim->label()}: {$state->value}",
                [],
                $reason,
                [$claim->asset->subject()],
            );

            return $claim;
        });
    }
}
