<?php

declare(strict_types=1);

namespace App\Work\Imports;

use App\Planning\Queries\OrderTypes;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Import\Trace;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Work\Models\FailureRecord;
use App\Work\Models\FormerCost;
use App\Work\Models\WorkOrder;
use App\Work\Orders\Numbers;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use App\Work\Projections\FailureOfOrder;
use App\Work\Queries\WhatFormerOrdersName;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Import\PlannedRow;
use Sundial\Support\Quantity;
use Sundial\Work\Former\FormerOrder;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;

/**
 * Writes orders of a former system as they stood there, many at a time: no rule of a move is asked of what was done
 * long ago.
 */
final readonly class TakeOverFormer
{
    private const SOME = 250;

    public function __construct(
        private OrderTypes $types,
        private CostShares $shares,
        private FailureOfOrder $failures,
        private OrderMoves $moves,
        private Audit $audit,
        private Clock $clock,
        private SiteDays $days,
    ) {
    }

    public function __invoke(
        Actor $by,
        int $siteId,
        WhatFormerOrdersName $names,
        Trace $trace,
        PlannedRow ...$rows,
    ): void {
        foreach (array_chunk(array_values($rows), self::SOME) as $some) {
            $orders = $this->orders($by, $siteId, $names, $some);
            $cells = [];
            foreach ($some as $row) {
                $cells[(string) $row->cells['former_number']] = $row->cells;
            }
            $this->surround($orders);
            foreach ($orders as $order) {
                $this->costAndFailure($order, $names, $cells[(string) $order->former]);
                $trace->made('order', $order->id);
                $trace->step();
            }
            $this->audit->recordMany($by, array_values($orders->map(static fn (WorkOrder $order): array => [
                $order->subject(),
                "took {$order->label()} over, {$order->former} before",
                [$order->about()],
            ])->all()));
            $this->moves->countOpen(...array_unique($orders->pluck('asset_id')->all()));
        }
    }

    /** The moment at a site, as files tell it. */
    public function now(Site $site): string
    {
        return $this->clock->now()->setTimezone($site->zone())->format('Y-m-d H:i');
    }

    /**
     * @param  list<PlannedRow>  $rows
     * @return Collection<int, WorkOrder>
     */
    private function orders(Actor $by, int $siteId, WhatFormerOrdersName $names, array $rows): Collection
    {
        $first = Numbers::take('orders', count($rows));
        $zone = $this->days->site($siteId)->zone();
        $types = [];
        foreach ($this->types->offered() as $type) {
            $types[$type->name] = $type;
        }
        $facts = [];
        foreach ($rows as $i => $row) {
            $facts[] = ['site_id' => $siteId, 'number' => $first + $i, 'raised_who' => $by->name] +
                $this->facts($row->cells, $names, $types[$row->cells['type'] ?? ''] ?? OrderType::corrective(), $zone);
        }
        DB::table('work_orders')->insert($facts);

        return WorkOrder::query()
            ->with(['asset', 'location'])
            ->where('number', '>=', $first)
            ->where('number', '<', $first + count($rows))
            ->orderBy('number')
            ->get();
    }

    /**
     * @param  array<string, string|null>  $cells
     * @return array<string, mixed>
     */
    private function facts(array $cells, WhatFormerOrdersName $names, OrderType $type, DateTimeZone $zone): array
    {
        $state = FormerOrder::of($cells)->state();
        $asset = $names->asset($cells);
        $now = $this->moves->now();
        $finished = self::instant($cells['finished'] ?? null, $zone);
        $isOpen = $state->isOpen();

        return [
            'former' => $cells['former_number'],
            'title' => $cells['title'],
            'type' => $type->name,
            'kind' => $type->kind->value,
            'priority' => $cells['priority'] ?? 'routine',
            'state' => $state->value,
            'asset_id' => $asset,
            'location_id' => $asset === null ? $names->place($cells) : null,
            'team_id' => $names->team($cells),
            'due_on' => $cells['due'] ?? null,
            'planned_on' => $isOpen ? $cells['due'] ?? null : null,
            'about' => $cells['about'] ?? null,
            'started_at' => $isOpen ? null : self::instant($cells['started'] ?? null, $zone),
            'finished_at' => $finished,
            'closed_at' => $state === OrderState::Closed ? $finished : null,
            'reason' => $state === OrderState::Cancelled ? 'cancelled in the system before' : null,
            'created_at' => self::instant($cells['started'] ?? null, $zone) ?? $finished ?? $now,
            'updated_at' => $now,
            'since_at' => $finished ?? $now,
        ];
    }

    /**
     * The row of each on what it is worked, and the stretch in which it stands.
     *
     * @param  Collection<int, WorkOrder>  $orders
     */
    private function surround(Collection $orders): void
    {
        DB::table('order_assets')->insert($orders->map(static fn (WorkOrder $one): array => [
            'order_id' => $one->id,
            'asset_id' => $one->asset_id,
            'location_id' => $one->location_id,
            'position' => 1,
        ])->all());
        DB::table('order_spans')->insert($orders->map(fn (WorkOrder $one): array => [
            'order_id' => $one->id,
            'state' => $one->state->value,
            'from_at' => $one->finished_at ?? $this->moves->now(),
        ])->all());
    }

    /** @param  array<string, string|null>  $cells */
    private function costAndFailure(WorkOrder $order, WhatFormerOrdersName $names, array $cells): void
    {
        $zone = $this->days->site($order->site_id)->zone();
        $told = array_filter(array_intersect_key($cells, array_flip(
            ['hours', 'labour_cost', 'parts_cost', 'services_cost'],
        )), static fn (?string $one): bool => $one !== null);
        if ($told !== []) {
            FormerCost::query()->create([
                'order_id' => $order->id,
                'on_day' => substr($cells['finished'] ?? $this->now($this->days->site($order->site_id)), 0, 10),
                'minutes' => intdiv(Quantity::parse($told['hours'] ?? '0') * 60 + 500, 1000),
                'labour_cents' => $told['labour_cost'] ?? null,
                'parts_cents' => $told['parts_cost'] ?? null,
                'services_cents' => $told['services_cost'] ?? null,
            ]);
            $this->shares->keep($order);
        }
        if (isset($cells['mode'])) {
            FailureRecord::query()->create([
                'order_id' => $order->id,
                'asset_id' => $order->asset_id,
                'mode' => $names->word('mode', $cells['mode']),
                'mechanism' => $names->word('mechanism', $cells['mechanism'] ?? null),
                'cause' => $names->word('cause', $cells['cause'] ?? null),
                'action' => $names->word('action', $cells['action'] ?? null),
                'failed_at' => self::instant($cells['failed_at'] ?? null, $zone),
                'done' => $cells['done'] ?? null,
            ]);
            $this->failures->keep($order);
        }
    }

    /** The instant of a time at the site, as the database keeps it. */
    private static function instant(?string $at, DateTimeZone $zone): ?string
    {
        return $at === null
            ? null
            : (new DateTimeImmutable($at, $zone))->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
