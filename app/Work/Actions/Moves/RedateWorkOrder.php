<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Work\Models\WorkOrder;
use App\Work\Projections\ClaimsOfOrder;
use App\Work\Projections\ToolsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\PlannedDay;

/** Moves an open order to another planned day; when it falls due stays as it is. */
final readonly class RedateWorkOrder
{
    public function __construct(
        private Audit $audit,
        private SiteDays $sites,
        private ClaimsOfOrder $claims,
        private ToolsOfOrder $tools,
    ) {
    }

    /** @return string|null the day on which it was planned before */
    public function __invoke(Actor $by, WorkOrder $order, LocalDate $day, ?int $version = null): ?string
    {
        return DB::transaction(function () use ($by, $order, $day, $version): ?string {
            $order = Versioned::lock($order, $version);
            if (! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'planned_on',
                    "{$order->label()} is {$order->state->value}; only open orders are moved to another day.",
                );
            }
            PlannedDay::check($day, $this->sites->today($order->site_id));
            $old = $order->planned_on;
            $order->planned_on = (string) $day;
            if (! Versioned::save($order)) {
                return $old;
            }
            $this->claims->keep($order);
            $this->tools->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                "moved {$order->label()} to {$day->inWords()}",
                ['planned_on' => [$old, (string) $day]],
                null,
                [$order->about()],
            );

            return $old;
        });
    }
}
