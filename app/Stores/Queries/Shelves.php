<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use stdClass;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Support\Quantity;

/** A part over all stores of a site, in thousandths; what is ordered goes to the store that holds it by rule. */
final readonly class Shelves
{
    private function __construct(
        public int $partId,
        public int $storeId,
        public ?int $leadDays,
        public int $onHand,
        public int $promised,
        public int $short,
        public int $onOrder,
        public ?int $point,
        public ?int $most,
        public ?int $orderQuantity,
    ) {
    }

    /** @param  non-empty-list<stdClass>  $rows  of stock, the one with a reorder point first */
    public static function of(array $rows): self
    {
        $sum = static fn (string $what): int => array_sum(array_map(
            static fn (stdClass $one): int => Quantity::parse((string) ($one->{$what} ?? '0')),
            $rows,
        ));
        $known = static fn (string $what): ?int => array_filter(
            $rows,
            static fn (stdClass $one): bool => $one->{$what} !== null,
        ) === [] ? null : $sum($what);

        return new self(
            (int) $rows[0]->part_id,
            (int) $rows[0]->store_id,
            $rows[0]->lead_days === null ? null : (int) $rows[0]->lead_days,
            $sum('on_hand'),
            $sum('promised'),
            $sum('short'),
            $sum('on_order'),
            $known('reorder_point'),
            $known('most'),
            $rows[0]->order_quantity === null ? null : Quantity::parse((string) $rows[0]->order_quantity),
        );
    }

    public function free(): int
    {
        return $this->onHand - $this->promised;
    }

    public function promises(): PromisedStock
    {
        return PromisedStock::of($this->onHand, Promise::to('orders', $this->promised, $this->short));
    }
}
