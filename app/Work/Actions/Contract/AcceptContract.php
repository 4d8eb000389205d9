<?php

declare(strict_types=1);

namespace App\Work\Actions\Contract;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Contract;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Contract\ContractState;

/** Accepts what a contractor reported: their invoice is held against it. */
final readonly class AcceptContract
{
    public function __construct(private SiteDays $days, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Contract $contract): Contract
    {
        return DB::transaction(function () use ($by, $contract): Contract {
            $contract = Contract::query()->lockForUpdate()->findOrFail($contract->id);
            if ($contract->state !== ContractState::Reported) {
                $says = "{$contract->label()} is {$contract->state->value}: what was reported is accepted.";
                throw InvalidInput::because('not_reported', 'supplier', $says);
            }
            $contract->fill([
                'state' => ContractState::Accepted,
                'accepted_on' => (string) $this->days->today($contract->site_id),
                'accepted_who' => $by->name,
            ])->save();
            $this->audit->record(
                $by,
                $contract->order->subject(),
                "accepted {$contract->label()}",
                [],
                null,
                [$contract->supplier->subject()],
            );

            return $contract;
        });
    }
}
