<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Work\Inputs\Assignment;
use App\Work\Models\WorkOrder;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\PlannedDay;

/** Says who does an order and on which day: a team, a person, or both. */
final readonly class AssignWorkOrder
{
    public function __construct(
        private Audit $audit,
        private SiteDays $sites,
        private ClaimsOfOrder $claims,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, Assignment $to, ?int $version = null): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $to, $version): WorkOrder {
            $order = Versioned::lock($order, $version);
            if (! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'locked',
                    'assignee_id',
                    "This order is {$order->state->value}; only open orders are assigned.",
                );
            }
            if ($to->plannedOn !== null && (string) $to->plannedOn !== $order->planned_on) {
                PlannedDay::check($to->plannedOn, $this->sites->today($order->site_id));
            }
            $before = $this->words($order);
            $order->fill($to->facts());
            if (! Versioned::save($order)) {
                return $order;
            }
            $this->claims->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                "assigned {$order->label()}",
                Audit::difference($before, $this->words($order)),
                null,
                [$order->about()],
            );

            return $order;
        });
    }

    /** @return array<string, string|null> */
    private function words(WorkOrder $order): array
    {
        return [
            'team' => DB::table('teams')->where('id', $order->team_id)->value('name'),
            'person' => DB::table('users')->where('id', $order->assignee_id)->value('name'),
            'planned_on' => $order->planned_on,
        ];
    }
}
