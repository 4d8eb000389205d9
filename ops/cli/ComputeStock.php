<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Sundial\Costing\UnitPrice;
use Sundial\Stock\IssuedStock;
use Sundial\Stock\StockBalance;
use Sundial\Stock\StockMove;
use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;

/** What stock is worth, case by case, for the command line. */
final class ComputeStock
{
    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function movingAverage(array $case): array
    {
        $balance = StockBalance::none();
        $issues = [];
        $steps = [];
        foreach ($case['movements'] as $i => $movement) {
            try {
                [$move, $issues] = self::move($balance, $movement, $issues);
                $balance = $move->after;
                $did = [
                    'movement_qty' => Quantity::plain($move->quantity),
                    'movement_value' => Money::plain($move->cents),
                ];
                $issue = $issues[$movement['id'] ?? $movement['of'] ?? ''] ?? null;
                if ($issue !== null) {
                    $did['unit_price'] = self::price($issue->unitPrice());
                }
            } catch (InvalidInput $refused) {
                $did = ['error' => $refused->cause()];
            }
            $steps[] = ['step' => $i + 1] + $did + [
                'on_hand' => Quantity::plain($balance->onHand),
                'value' => Money::plain($balance->cents),
                'average' => self::price($balance->average()),
            ];
        }

        return ['steps' => $steps];
    }

    /**
     * @param  array<string, mixed>  $movement
     * @param  array<string, IssuedStock>  $issues
     * @return array{StockMove, array<string, IssuedStock>}
     */
    private static function move(StockBalance $balance, array $movement, array $issues): array
    {
        $quantity = Decimals::parse((string) ($movement['qty'] ?? $movement['counted']), 3, 'qty');
        $price = isset($movement['price']) ? UnitPrice::parse((string) $movement['price']) : null;
        switch ($movement['op']) {
            case 'receipt':
                return [$balance->receive($quantity, $price ?? UnitPrice::of(0)), $issues];
            case 'issue':
                $move = $balance->issue($quantity);

                return [$move, [$movement['id'] => $move->issued()] + $issues];
            case 'return':
                [$move, $left] = $balance->takeBack($quantity, $issues[$movement['of']]);

                return [$move, [$movement['of'] => $left] + $issues];
            default:
                return [$balance->count($quantity, $price), $issues];
        }
    }

    private static function price(?UnitPrice $price): ?string
    {
        $tenThousandths = (int) $price?->tenThousandths;

        return $price === null
            ? null
            : sprintf('%d.%04d', intdiv($tenThousandths, 10000), $tenThousandths % 10000);
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function reorder(array $case): array
    {
        $world = new ComputeReorder($case);
        $steps = [];
        foreach ($case['events'] as $i => $event) {
            $steps[] = ['step' => $i + 1] + $world->after($event);
        }

        return ['steps' => $steps];
    }
}
