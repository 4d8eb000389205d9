<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Sundial\Stock\Consent;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\ReorderPosition;
use Sundial\Stock\Taking;
use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** A part, its orders, purchases and visits, event by event, for the command line. */
final class ComputeReorder
{
    private PromisedStock $stock;

    /** @var array<string, int> open quantity of purchases to stock */
    private array $onOrder = [];

    /** @var array<string, array{int, int}> day and quantity of visits */
    private array $visits = [];

    private int $day;

    private int $point;

    private int $lead;

    /** @param  array<string, mixed>  $case */
    public function __construct(array $case)
    {
        $this->stock = PromisedStock::of(self::quantity($case['start']['on_hand']));
        $this->day = (int) $case['start']['day'];
        $this->point = self::quantity($case['settings']['reorder_point']);
        $this->lead = (int) $case['settings']['lead_days'];
        foreach ($case['outlook'] as $visit) {
            $this->visits[$visit['visit']] = [(int) $visit['day'], self::quantity($visit['qty'])];
        }
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed> the status, and all that stands after it
     */
    public function after(array $event): array
    {
        try {
            $taking = $this->taking($event);
            $said = ['status' => $taking === null || $taking->isDone ? 'ok' : 'asks'];
            $this->stock = $taking->after ?? $this->happened($event);
            if ($taking !== null && $taking->takesFrom !== []) {
                $said['takes_from'] = self::list($taking->takesFrom);
            }
        } catch (InvalidInput $refused) {
            $said = ['status' => 'refused', 'code' => $refused->cause()];
        }

        return $said + $this->standing();
    }

    /** @param  array<string, mixed>  $event */
    private function taking(array $event): ?Taking
    {
        $consent = match (true) {
            ! ($event['confirmed'] ?? false) => Consent::NotAsked,
            $event['right'] ?? false => Consent::WithRight,
            default => Consent::WithoutRight,
        };

        return match ($event['op']) {
            'issue', 'scrap', 'transfer_out' => $this->stock->take(
                self::quantity($event['qty']),
                $event['order'] ?? null,
                $consent,
            ),
            'count' => $this->stock->count(self::quantity($event['counted']), $consent),
            default => null,
        };
    }

    /** @param  array<string, mixed>  $event */
    private function happened(array $event): PromisedStock
    {
        $quantity = isset($event['qty']) ? self::quantity($event['qty']) : 0;
        if (isset($event['qty']) && $quantity <= 0) {
            throw InvalidInput::because('invalid_quantity', 'qty', 'A quantity is above nothing.');
        }
        switch ($event['op']) {
            case 'approve':
                unset($this->visits[$event['visit'] ?? '']);

                return $this->stock->approve($event['order'], $quantity);
            case 'reserve':
                return $this->stock->reserve($event['order']);
            case 'done':
            case 'cancel':
                return $this->stock->release($event['order']);
            case 'return':
                return $this->stock->add($quantity);
            case 'receive':
                $po = $event['po'] ?? '';
                $this->onOrder[$po] = max(0, ($this->onOrder[$po] ?? 0) - $quantity);

                return $this->stock->add($quantity);
            case 'purchase':
                $this->onOrder[$event['po']] = ($this->onOrder[$event['po']] ?? 0) + $quantity;

                return $this->stock;
            case 'cancel_purchase':
                unset($this->onOrder[$event['po']]);

                return $this->stock;
            case 'day':
                $this->day = (int) $event['day'];

                return $this->stock;
            case 'drop_visit':
                unset($this->visits[$event['visit']]);

                return $this->stock;
            default:
                return $this->stock;
        }
    }

    /** @return array<string, mixed> */
    private function standing(): array
    {
        $onOrder = array_sum($this->onOrder);
        $within = array_filter($this->visits, fn (array $one): bool => $one[0] <= $this->day + $this->lead);
        $demand = array_sum(array_column($within, 1));
        $position = ReorderPosition::of($this->stock, $onOrder, $demand, $this->point);
        $of = fn (string $what): array => array_filter(array_combine(
            array_map(static fn (Promise $one): string => $one->order, $this->stock->promises()),
            array_map(static fn (Promise $one): int => $one->{$what}, $this->stock->promises()),
        ));

        return [
            'on_hand' => Quantity::plain($this->stock->onHand),
            'reserved' => Quantity::plain($this->stock->reserved()),
            'free' => Quantity::plain($this->stock->free()),
            'on_order' => Quantity::plain($onOrder),
            'reservations' => self::list($of('reserved')),
            'shortages' => self::list($of('short')),
            'outlook_in_lead_time' => Quantity::plain($demand),
            'position' => Quantity::plain($position->position),
            'reorder' => $position->isReached(),
        ];
    }

    /**
     * @param  array<string, int>  $by
     * @return list<array{order: string, qty: string}>
     */
    private static function list(array $by): array
    {
        return array_map(
            static fn (string $order, int $quantity): array => ['order' => $order, 'qty' => Quantity::plain($quantity)],
            array_keys($by),
            array_values($by),
        );
    }

    private static function quantity(mixed $typed): int
    {
        return Decimals::parse((string) $typed, 3, 'qty');
    }
}
