<?php

declare(strict_types=1);

namespace App\Work\Imports;

use App\Planning\Queries\OrderTypes;
use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Queries\FormerOrders;
use Sundial\Access\Right;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;
use Sundial\Work\Former\FormerOrder;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;

/** Orders of the system that was used before: those still open, and those that were done, with what they cost. */
final readonly class OrderImport implements ImportKind
{
    public function __construct(
        private OrderTypes $types,
        private FormerOrders $former,
        private TakeOverFormer $take,
        private GiveFormerBack $giveBack,
        private SiteDays $days,
    ) {
    }

    public function key(): string
    {
        return 'orders';
    }

    public function title(): string
    {
        return 'Orders and their history';
    }

    public function about(): string
    {
        return 'A row is one order of the system that you used before, known again by its number there. One that '.
            'was taken over already is left as it is.';
    }

    public function right(): Right
    {
        return Right::PlanOrders;
    }

    public function href(): string
    {
        return '/orders?state=all';
    }

    public function columns(int $siteId): array
    {
        $words = static fn (string $key): Column => Column::text($key, 60);

        return [
            Column::text('former_number', 40)->needed(),
            Column::text('title', 160)->needed(),
            Column::text('on', 60)->needed()->saying('the tag of an asset or a place'),
            Column::choice('type', array_map(
                static fn (OrderType $type): string => $type->name,
                $this->types->offered(),
            )),
            Column::choice('priority', array_column(Priority::cases(), 'value')),
            Column::choice('state', array_column(FormerOrder::STATES, 'value'))->saying('closed where it is empty'),
            Column::of('due', CellKind::Date),
            Column::of('started', CellKind::Moment),
            Column::of('finished', CellKind::Moment),
            Column::text('team', 80),
            Column::text('about', 2000)->saying('what was asked for'),
            Column::of('hours', CellKind::Number)->saying('worked by all people together'),
            Column::of('labour_cost', CellKind::Money),
            Column::of('parts_cost', CellKind::Money),
            Column::of('services_cost', CellKind::Money),
            $words('mode')->saying('how it failed'),
            $words('mechanism'),
            $words('cause'),
            $words('action'),
            Column::of('failed_at', CellKind::Moment),
            Column::text('done', 2000)->saying('what was found and done'),
        ];
    }

    public function examples(): array
    {
        return [
            [
                'former_number' => '2025-0417',
                'title' => 'Change the shaft seal',
                'on' => 'PMP-01',
                'type' => 'corrective',
                'state' => 'closed',
                'started' => '2025-03-04 07:10',
                'finished' => '2025-03-04 11:40',
                'hours' => '6.500',
                'labour_cost' => '227.50',
                'parts_cost' => '48.20',
                'mode' => 'leaks outside',
                'cause' => 'age and use',
                'action' => 'replaced',
            ],
            [
                'former_number' => '2026-0033',
                'title' => 'Paint the railing',
                'on' => 'FIN-STN',
                'type' => 'improvement',
                'state' => 'planned',
                'due' => '2026-06-30',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $known = $this->former->known($siteId);
        $standing = [];
        foreach ($sheet->rows as ['cells' => $cells]) {
            $key = RegisterFile::key($cells['former_number'] ?? null);
            // What was taken over stands as it was worked on since: a row of it does nothing.
            isset($known[$key]) ? ($standing[$key] = ['id' => $known[$key], 'cells' => $cells]) : null;
        }
        $plan = Plan::compare(
            $sheet->rows,
            $sheet->problems,
            static fn (array $cells): string => RegisterFile::key($cells['former_number'] ?? null),
            $standing,
            'former_number',
        );
        $now = $this->take->now($this->days->site($siteId));
        $stands = $this->former->stands($siteId);
        $problems = [];
        foreach ($plan->that(RowOutcome::Make) as $row) {
            $wrong = FormerOrder::of($row->cells)->wrong($now) + $stands->wrong($row->cells);
            foreach ($wrong as $column => $message) {
                $problems[] = ['row' => $row->row, 'column' => $column, 'message' => $message];
            }
        }

        return $plan->refusing($problems);
    }

    public function isTried(): bool
    {
        return false;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        ($this->take)($by, $siteId, $this->former->stands($siteId), $trace, ...$plan->that(RowOutcome::Make));
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        ($this->giveBack)($by, $siteId, array_column($did, 'id'));
    }

    public function standing(int $siteId): iterable
    {
        return $this->former->standing($siteId, static fn (WorkOrder $order): string => match (true) {
            in_array($order->state, FormerOrder::STATES, true) => $order->state->value,
            $order->state === OrderState::Draft => OrderState::Planned->value,
            $order->state->isOpen() => OrderState::Approved->value,
            default => OrderState::Closed->value,
        });
    }
}
