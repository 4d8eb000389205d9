<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Stores\Queries\ClaimsReady;
use App\Stores\Queries\ComingIn;
use App\Stores\Wording\PartsWording;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\LineReady;
use Sundial\Stock\PartsReady;
use Sundial\Stock\PurchaseState;
use Sundial\Stock\Resupply;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/**
 * Whether the parts of orders are there: what approved ones were promised, what is free for planned ones, what was
 * bought in. Parts that no store of the site keeps are told as not ordered, unless the site keeps no store.
 */
final readonly class PartsReadyOf
{
    public function __construct(
        private ClaimsReady $claims,
        private ComingIn $coming,
        private PartsWording $words,
    ) {
    }

    /**
     * @param  Collection<int, WorkOrder>  $orders
     * @return array<int, string> of those whose parts are not all there, in words
     */
    public function shortWords(Collection $orders): array
    {
        $short = array_filter(
            $this->of(array_values($orders->pluck('id')->all())),
            static fn (PartsReady $one): bool => ! $one->areHere(),
        );

        return array_map($this->words->all(...), $short);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, PartsReady> by order; those that plan no parts are left out
     */
    public function of(array $ids): array
    {
        return array_map(
            static fn (array $lines): PartsReady => PartsReady::of(...array_values($lines)),
            $this->byLine($ids),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array<int, LineReady>> by order and line of its plan
     */
    public function byLine(array $ids): array
    {
        $lines = $this->lines($ids);
        if ($lines->isEmpty()) {
            return [];
        }
        $claims = $this->claims->of('order', array_values($lines->pluck('order_id')->unique()->all()));
        $free = $this->free($lines);
        $bought = $this->bought($ids);
        $ready = [];
        foreach ($lines as $line) {
            $ready[(int) $line->order_id][(int) $line->id] = match (true) {
                $line->source === PartSource::BoughtIn->value => $this->boughtIn($line, $bought->get((int) $line->id)),
                isset($claims[$line->order_id][(int) $line->part_id]) => $claims[$line->order_id][(int) $line->part_id],
                default => $this->planned($line, $free),
            };
        }

        return $ready;
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, stdClass> what is planned and not used yet, of orders that are open
     */
    private function lines(array $ids): Collection
    {
        $used = DB::table('part_uses')->selectRaw('COALESCE(SUM(quantity), 0)')->whereColumn('line_id', 'l.id');

        return DB::table('order_parts as l')
            ->join('work_orders as o', 'o.id', '=', 'l.order_id')
            ->whereIn('l.order_id', $ids)
            ->whereIn('o.state', OpenStates::VALUES)
            ->whereExists(static fn ($some) => $some->from('stores')->whereColumn('stores.site_id', 'o.site_id'))
            ->select(['l.id', 'l.order_id', 'l.part_id', 'l.name', 'l.quantity', 'l.source', 'o.site_id', 'o.state'])
            ->selectSub($used, 'used')
            ->orderBy('l.id')
            ->get()
            ->toBase()
            ->filter(static fn (stdClass $one): bool => self::left($one) > 0)
            ->values();
    }

    /**
     * @param  Collection<int, stdClass>  $lines
     * @return array<int, array{int, Resupply}> what is free and what comes, by part
     */
    private function free(Collection $lines): array
    {
        $parts = $lines->where('source', PartSource::FromStore->value)->pluck('part_id')->unique()->values();
        $siteId = (int) ($lines->first()->site_id ?? 0);
        $coming = $this->coming->toParts(array_values($parts->map(intval(...))->all()), $siteId);
        $free = [];
        $rows = DB::table('stock')
            ->where('site_id', $siteId)
            ->whereIn('part_id', $parts)
            ->groupBy('part_id')
            ->selectRaw('part_id, SUM(on_hand - promised) as free')
            ->get();
        foreach ($rows as $row) {
            $free[(int) $row->part_id] = [
                Quantity::parse((string) $row->free),
                Resupply::of($coming[(int) $row->part_id] ?? []),
            ];
        }

        return $free;
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, stdClass> what is bought for orders, by line of the plan
     */
    private function bought(array $ids): Collection
    {
        return DB::table('purchase_lines as l')
            ->join('purchases as p', 'p.id', '=', 'l.purchase_id')
            ->where('l.subject_kind', 'order')
            ->whereIn('l.subject_id', $ids)
            ->where('p.state', '<>', PurchaseState::Cancelled->value)
            ->selectRaw('l.subject_line, p.state, COALESCE(l.expected_on, p.expected_on) as expected_on')
            ->get()
            ->toBase()
            ->keyBy(static fn (stdClass $one): int => (int) $one->subject_line);
    }

    private function boughtIn(stdClass $line, ?stdClass $bought): LineReady
    {
        $state = $bought === null ? null : PurchaseState::from((string) $bought->state);

        return match (true) {
            $state === null, $state->isBeingWritten() => LineReady::notOrdered((string) $line->name),
            default => LineReady::expected(
                (string) $line->name,
                $bought->expected_on === null ? null : LocalDate::parse((string) $bought->expected_on),
            ),
        };
    }

    /** @param  array<int, array{int, Resupply}>  $free */
    private function planned(stdClass $line, array $free): LineReady
    {
        [$there, $coming] = $free[(int) $line->part_id] ?? [0, Resupply::of([])];

        return LineReady::missing((string) $line->name, self::left($line) - $there, $coming);
    }

    private static function left(stdClass $line): int
    {
        return Quantity::parse((string) $line->quantity) - Quantity::parse((string) $line->used);
    }
}
