<?php

declare(strict_types=1);

namespace App\Work\Actions\Contract;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Work\Models\Contract;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Contract\ContractState;

/** Takes what a contractor reports of their work; until it is accepted they can report anew. */
final readonly class ReportContract
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    public function __invoke(Contract $contract, string $reporter, string $report, int $minutes): Contract
    {
        return DB::transaction(function () use ($contract, $reporter, $report, $minutes): Contract {
            $contract = Contract::query()->lockForUpdate()->findOrFail($contract->id);
            if (! $contract->state->takesReport()) {
                throw InvalidInput::because('accepted', 'report', 'This was accepted already. Nothing was changed.');
            }
            $contract->fill([
                'state' => ContractState::Reported,
                'reporter' => $reporter,
                'report' => $report,
                'minutes' => $minutes,
                'reported_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ])->save();
            $this->audit->record(
                Actor::guest($reporter),
                $contract->order->subject(),
                "reported on {$contract->label()}",
                [],
                $report,
                [$contract->supplier->subject()],
            );

            return $contract;
        });
    }
}
