<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Shutdowns\HeldShutdown;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Puts open orders into a shutdown. Each is planned for a day inside its window; after the day of the scope it says
 * why. One that stands in it already stays as it is.
 */
final readonly class AddToShutdown
{
    public function __construct(private HeldShutdown $held, private SiteDays $days, private Audit $audit)
    {
    }

    /** @return int how many were added */
    public function __invoke(Actor $by, Shutdown $shutdown, ?string $why, WorkOrder ...$orders): int
    {
        return DB::transaction(function () use ($by, $shutdown, $why, $orders): int {
            $shutdown = $this->held->open($shutdown);
            $orders = $this->held->orders($shutdown->site_id, ...$orders);
            if ($orders === []) {
                throw InvalidInput::because('none', 'orders', 'Name at least one open order.');
            }
            $today = $this->days->today($shutdown->site_id);
            $shutdown->scope()->checkAddition($today, $why);
            $late = $shutdown->scope()->isLate($today) ? $why : null;
            $added = 0;
            foreach ($orders as $order) {
                if ($this->isNew($shutdown, $order)) {
                    $this->add($by, $shutdown, $order, $today, $late);
                    $added++;
                }
            }

            return $added;
        });
    }

    private function isNew(Shutdown $shutdown, WorkOrder $order): bool
    {
        if (! $order->state->isOpen()) {
            throw InvalidInput::because(
                'not_open',
                'orders',
                "{$order->label()} is {$order->state->value}: only open orders are put into a shutdown.",
            );
        }
        $in = DB::table('shutdown_orders as s')
            ->join('shutdowns as d', 'd.id', '=', 's.shutdown_id')
            ->where('s.order_id', $order->id)
            ->first(['d.id', 'd.number']);
        if ($in !== null && (int) $in->id !== $shutdown->id) {
            throw InvalidInput::because(
                'elsewhere',
                'orders',
                "{$order->label()} is worked in SD-{$in->number} already. Take it off there first.",
            );
        }

        return $in === null;
    }

    private function add(Actor $by, Shutdown $shutdown, WorkOrder $order, LocalDate $today, ?string $late): void
    {
        DB::table('shutdown_orders')->insert([
            'order_id' => $order->id,
            'shutdown_id' => $shutdown->id,
            'site_id' => $shutdown->site_id,
            'added_on' => (string) $today,
            'added_who' => $by->name,
            'late_reason' => $late,
        ]);
        $site = $this->days->site($shutdown->site_id);
        $from = (string) $site->dayOf($shutdown->window()->from);
        $to = (string) $site->dayOf($shutdown->window()->to);
        $was = $order->planned_on;
        if ($was === null || $was < $from || $was > $to) {
            $order->planned_on = $from;
        }
        $order->version++;
        $order->save();
        $this->audit->record(
            $by,
            $order->subject(),
            "put {$order->label()} into {$shutdown->label()}".($late === null ? '' : ', late'),
            $was === $order->planned_on ? [] : ['planned_on' => [$was, $order->planned_on]],
            $late,
            [$shutdown->subject()],
        );
    }
}
